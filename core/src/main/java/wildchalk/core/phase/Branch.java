package wildchalk.core.phase;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.Aside;
import wildchalk.core.script.Script;

/**
 * An option that is not taken, as it is told.
 *
 * @param option empty where what is told belongs to none
 * @param beat the number in the rep of the beat in which it is decided; 0 when that is not told
 * @param lines all that is told of it, what hangs on it further in too
 * @param actions what is done in them, in the order in which it is told
 */
record Branch(Optional<Option> option, int beat, List<Script.Line> lines, Set<String> actions) {

    /** What the first of its lines is about. */
    Set<String> begins() {
        Set<String> begins = new LinkedHashSet<>(lines.get(0).does());
        begins.retainAll(actions);
        return begins;
    }

    /** Those that hang on what is taken, in the order in which they are told. */
    static List<Branch> of(Stage stage, Script script) {
        List<Branch> branches = new ArrayList<>();
        Optional<Aside> before = Optional.empty();
        List<Script.Line> lines = new ArrayList<>();
        for (Aside aside : Aside.of(stage, script)) {
            if (before.isPresent() && !before.get().outer().equals(aside.outer())) {
                add(branches, stage, before.get(), lines);
                lines.clear();
            }
            lines.add(aside.line());
            before = Optional.of(aside);
        }
        before.ifPresent(a -> add(branches, stage, a, lines));
        return branches;
    }

    private static void add(List<Branch> branches, Stage stage, Aside aside, List<Script.Line> lines) {
        Set<String> actions = new LinkedHashSet<>();
        lines.forEach(
                l -> l.does().stream().filter(a -> stage.action(a).isPresent()).forEach(actions::add));
        branches.add(new Branch(aside.outer(), aside.beat(), List.copyOf(lines), actions));
    }
}

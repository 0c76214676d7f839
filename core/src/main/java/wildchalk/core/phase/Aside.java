package wildchalk.core.phase;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.Script;

/**
 * An option that is not taken, as it is told.
 *
 * @param option empty where what is told belongs to none
 * @param beat the number in the rep of the beat in which it is decided; 0 when that is not told
 * @param lines all that is told of it, what hangs on it further in too
 * @param actions what is done in them, in the order in which it is told
 */
record Aside(Optional<Option> option, int beat, List<Script.Line> lines, Set<String> actions) {

    /** What the first of its lines is about. */
    Set<String> begins() {
        Set<String> begins = new LinkedHashSet<>(lines.get(0).actions());
        begins.retainAll(actions);
        return begins;
    }

    /** Those that hang on what is taken, in the order in which they are told. */
    static List<Aside> of(Stage stage, Script script) {
        List<Aside> asides = new ArrayList<>();
        int[] beats = new int[64];
        int depth = -1;
        Optional<Option> option = Optional.empty();
        List<Script.Line> lines = new ArrayList<>();
        for (Script.Line line : script.lines()) {
            Optional<Option> named = line.isTaken() ? Optional.empty() : option(stage, line);
            boolean goesOn = !line.isTaken()
                    && depth >= 0
                    && (line.depth() > depth
                            || line.depth() == depth && (named.isEmpty() || named.equals(option)));
            if (!goesOn && !lines.isEmpty()) {
                asides.add(aside(stage, option, beats[Math.max(0, depth - 1)], lines));
                lines = new ArrayList<>();
                depth = -1;
            }
            if (line.isTaken()) {
                beats[Math.min(beats.length - 1, line.depth())] = line.beat();
            } else {
                if (lines.isEmpty()) {
                    depth = line.depth();
                    option = named;
                }
                lines.add(line);
            }
        }
        if (!lines.isEmpty()) {
            asides.add(aside(stage, option, beats[Math.max(0, depth - 1)], lines));
        }
        return asides;
    }

    private static Aside aside(Stage stage, Optional<Option> option, int beat, List<Script.Line> lines) {
        Set<String> actions = new LinkedHashSet<>();
        lines.forEach(l -> l.actions().stream().filter(a -> stage.action(a).isPresent()).forEach(actions::add));
        return new Aside(option, beat, List.copyOf(lines), actions);
    }

    private static Optional<Option> option(Stage stage, Script.Line line) {
        return Reads.of(stage).stream()
                .flatMap(r -> r.options().stream())
                .filter(o -> o.actions().stream().anyMatch(line.actions()::contains))
                .findFirst();
    }
}

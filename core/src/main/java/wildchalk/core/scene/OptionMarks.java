package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.Aside;
import wildchalk.core.script.Script;

/** How the lines of options that are not taken are marked, so that words and pictures say the same. */
public final class OptionMarks {

    private final Stage stage;
    private final List<String> known = new ArrayList<>();
    private final Map<String, OptionMark> marks = new LinkedHashMap<>();
    /** Of each option the last that is told, which has its name. */
    private final Map<Option, String> last = new LinkedHashMap<>();

    private OptionMarks(Stage stage) {
        this.stage = stage;
    }

    /**
     * The marks of all that the words tell as an option, by the action's id: what is told in a line of its own has its
     * number and letter, what is told with what is taken ("either 7 passes to 9 or to 11") the number of that line.
     *
     * @param script of the same stage
     */
    public static Map<String, OptionMark> of(Stage stage, Script script) {
        return new OptionMarks(stage).marks(script);
    }

    private Map<String, OptionMark> marks(Script script) {
        Map<String, String> numbers = script.asides();
        for (Aside aside : Aside.of(stage, script)) {
            for (String action : aside.line().does()) {
                if (numbers.containsKey(action) && stage.action(action).isPresent()) {
                    mark(action, numbers.get(action), option(action).or(aside::inner));
                }
            }
        }
        for (Script.Line line : script.lines()) {
            if (line.isTaken()) {
                line.does().stream()
                        .filter(a -> stage.action(a).isPresent() && !marks.containsKey(a))
                        .forEach(a -> option(a).ifPresent(o -> mark(a, line.mark(), Optional.of(o))));
            }
        }
        last.forEach((option, action) -> {
            OptionMark mark = marks.get(action);
            marks.put(action, new OptionMark(mark.number(), mark.tone(), option.label()));
        });
        return marks;
    }

    private void mark(String action, String number, Optional<Option> option) {
        marks.put(action, new OptionMark(number, tone(option.map(Option::id).orElse("")), ""));
        option.ifPresent(o -> last.put(o, action));
    }

    /** The option that an action is listed in. */
    private Optional<Option> option(String action) {
        return Reads.of(stage).stream()
                .flatMap(r -> r.options().stream())
                .filter(o -> o.actions().contains(action))
                .findFirst();
    }

    private int tone(String option) {
        if (!known.contains(option)) {
            known.add(option);
        }
        return known.indexOf(option);
    }
}

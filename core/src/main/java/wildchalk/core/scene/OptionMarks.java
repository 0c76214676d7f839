package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.Aside;
import wildchalk.core.script.Script;

/** How the lines of options that are not taken are marked, so that words and pictures say the same. */
public final class OptionMarks {

    private final List<String> known = new ArrayList<>();

    private OptionMarks() {}

    /**
     * The marks of all actions that the words tell as not taken, by id.
     *
     * @param script of the same stage
     */
    public static Map<String, OptionMark> of(Stage stage, Script script) {
        return new OptionMarks().marks(stage, script);
    }

    private Map<String, OptionMark> marks(Stage stage, Script script) {
        Map<String, String> numbers = script.asides();
        Map<String, OptionMark> marks = new LinkedHashMap<>();
        // Of each option the last that is told, which has its name.
        Map<Option, String> last = new LinkedHashMap<>();
        for (Aside aside : Aside.of(stage, script)) {
            for (String action : aside.line().actions()) {
                if (numbers.containsKey(action) && stage.action(action).isPresent()) {
                    int tone = tone(aside.inner().map(Option::id).orElse(""));
                    marks.put(action, new OptionMark(numbers.get(action), tone, ""));
                    aside.inner().ifPresent(o -> last.put(o, action));
                }
            }
        }
        last.forEach((option, action) -> {
            OptionMark mark = marks.get(action);
            marks.put(action, new OptionMark(mark.number(), mark.tone(), option.label()));
        });
        return marks;
    }

    private int tone(String option) {
        if (!known.contains(option)) {
            known.add(option);
        }
        return known.indexOf(option);
    }
}

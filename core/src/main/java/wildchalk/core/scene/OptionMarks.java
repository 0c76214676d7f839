package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.Script;

/** How the lines of options that are not taken are marked, so that words and pictures say the same. */
public final class OptionMarks {

    private final Map<String, Option> options = new HashMap<>();
    private final List<String> known = new ArrayList<>();

    private OptionMarks(Stage stage) {
        for (Read read : Reads.of(stage)) {
            for (Option option : read.options()) {
                option.actions().forEach(a -> options.putIfAbsent(a, option));
            }
        }
    }

    /**
     * The marks of all actions that the words tell as not taken, by id.
     *
     * @param script of the same stage
     */
    public static Map<String, OptionMark> of(Stage stage, Script script) {
        return new OptionMarks(stage).marks(script);
    }

    private Map<String, OptionMark> marks(Script script) {
        Map<String, String> asides = script.asides();
        Map<String, OptionMark> marks = new HashMap<>();
        // Of each option the last that is told, which has its name.
        Map<String, String> last = new HashMap<>();
        TreeMap<Integer, Option> told = new TreeMap<>();
        for (Script.Line line : script.lines()) {
            told.tailMap(line.depth(), line.isTaken()).clear();
            if (line.isTaken()) {
                continue;
            }
            Set<String> actions = line.actions();
            actions.stream().map(options::get).filter(o -> o != null).findFirst().ifPresent(o -> {
                told.tailMap(line.depth(), true).clear();
                told.put(line.depth(), o);
            });
            Optional<Option> option = Optional.ofNullable(told.floorEntry(line.depth())).map(Map.Entry::getValue);
            for (String action : actions) {
                if (asides.containsKey(action)) {
                    int tone = tone(option.map(Option::id).orElse(""));
                    marks.put(action, new OptionMark(asides.get(action), tone, ""));
                    option.ifPresent(o -> last.put(o.id(), action));
                }
            }
        }
        options.values().stream().distinct().filter(o -> last.containsKey(o.id())).forEach(o -> {
            String action = last.get(o.id());
            OptionMark mark = marks.get(action);
            marks.put(action, new OptionMark(mark.number(), mark.tone(), o.label()));
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

package wildchalk.core.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;

/**
 * A line of what is not taken, and what it hangs on.
 *
 * @param outer the option that would have to be taken for it; empty where none is told
 * @param inner the last of the options that would have to be taken, the outer one where there is only one
 * @param beat the number in the rep of the beat in which the outer option is decided; 0 when that is not told
 */
public record Aside(Script.Line line, Optional<Option> outer, Optional<Option> inner, int beat) {

    /** All lines of a script that are not taken, in the order in which they are told. */
    public static List<Aside> of(Stage stage, Script script) {
        return new Finder(stage).asides(script);
    }

    private static final class Finder {

        private final Map<String, Option> options = new HashMap<>();
        private final Map<String, String> reads = new HashMap<>();
        /** The option that is told, by how far in it is. */
        private final TreeMap<Integer, Option> told = new TreeMap<>();
        /** The last beat that is taken, by how far in it is told. */
        private final TreeMap<Integer, Integer> beats = new TreeMap<>();

        Finder(Stage stage) {
            for (Read read : Reads.of(stage)) {
                for (Option option : read.options()) {
                    reads.put(option.id(), read.id());
                    option.actions().forEach(a -> options.putIfAbsent(a, option));
                }
            }
        }

        List<Aside> asides(Script script) {
            List<Aside> asides = new ArrayList<>();
            for (Script.Line line : script.lines()) {
                if (line.isTaken()) {
                    told.tailMap(line.depth(), true).clear();
                    beats.put(line.depth(), line.beat());
                } else {
                    asides.add(aside(line));
                }
            }
            return asides;
        }

        private Aside aside(Script.Line line) {
            // What lies further in belongs to a decision that has been told.
            told.tailMap(line.depth(), false).clear();
            Option here = told.get(line.depth());
            line.does().stream()
                    .map(options::get)
                    .filter(o -> o != null && (here == null || isOfOne(o, here)))
                    .findFirst()
                    .ifPresent(o -> told.put(line.depth(), o));
            Optional<Option> outer = told.isEmpty()
                    ? Optional.empty()
                    : Optional.of(told.firstEntry().getValue());
            Optional<Option> inner = told.isEmpty()
                    ? Optional.empty()
                    : Optional.of(told.lastEntry().getValue());
            int depth = told.isEmpty() ? line.depth() : told.firstKey();
            Map.Entry<Integer, Integer> beat = beats.lowerEntry(depth);
            return new Aside(line, outer, inner, beat == null ? 0 : beat.getValue());
        }

        private boolean isOfOne(Option one, Option other) {
            return reads.get(one.id()).equals(reads.get(other.id()));
        }
    }
}

package wildchalk.core.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Gives each line of what is not taken a number and a letter: those of the decision that it hangs on are 5a, 5b and so
 * on, in the order in which they are told.
 */
final class Lettering {

    private static final int LETTERS = 26;

    private Lettering() {}

    /** The lines that are told of one group, lettered. */
    static List<Script.Line> of(List<Script.Line> lines) {
        List<Script.Line> lettered = new ArrayList<>();
        // The number that a line further in hangs on, by how far in the line before it was told.
        Map<Integer, Integer> numbers = new HashMap<>();
        Map<Integer, Integer> given = new HashMap<>();
        for (Script.Line line : lines) {
            int over = numbers.getOrDefault(line.depth() - 1, 0);
            numbers.put(line.depth(), line.isTaken() ? line.number() : over);
            boolean hangs = !line.isTaken() && over > 0;
            lettered.add(hangs ? line.aside(over + letter(given.merge(over, 1, Integer::sum))) : line);
        }
        return lettered;
    }

    /** "a" for 1, "z" for 26, "aa" for 27. */
    private static String letter(int n) {
        String last = String.valueOf((char) ('a' + (n - 1) % LETTERS));
        return n > LETTERS ? letter((n - 1) / LETTERS) + last : last;
    }
}

package wildchalk.core.drill;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;

/**
 * The ids that a drill has given out. An id is letters and a number ({@code p7}); of each beginning the highest number
 * is remembered, so that none is ever given twice, not even when what had it is gone or its making was undone: whatever
 * names it elsewhere can never mean something else.
 *
 * @param highest the highest number by the letters before it
 */
public record GivenIds(Map<String, Integer> highest) {

    public static final GivenIds NONE = new GivenIds(Map.of());
    /** What has more digits is no number that was given, but part of a name. */
    private static final int MOST_DIGITS = 8;

    static final int HIGHEST = 99_999_999;

    public GivenIds {
        highest = Map.copyOf(highest);
    }

    /** What both have given out. */
    public GivenIds and(GivenIds other) {
        if (highest.equals(other.highest) || other.highest.isEmpty()) {
            return this;
        }
        Map<String, Integer> both = new HashMap<>(highest);
        other.highest.forEach((letters, n) -> both.merge(letters, n, Math::max));
        return new GivenIds(both);
    }

    /** The same, and everything that the rungs use. */
    GivenIds and(Collection<Rung> rungs) {
        Map<String, Integer> all = new HashMap<>(highest);
        for (Rung rung : rungs) {
            count(rung.id(), all);
            rung.pieces().forEach(p -> count(p.id(), all));
            rung.actions().forEach(a -> count(a.id(), all));
            rung.without().forEach(id -> count(id, all));
            for (Instruction said : rung.instructions()) {
                count(said.id(), all);
                if (said instanceof Instruction.Read read) {
                    read.options().forEach(o -> count(o.id(), all));
                }
            }
        }
        return all.equals(highest) ? this : new GivenIds(all);
    }

    /** What stands before the number of an id; the whole id, and a stroke, where it ends with none. */
    public static String letters(String id) {
        int digits = digits(id);
        return digits < id.length() ? id.substring(0, digits) : id + "-";
    }

    private static void count(String id, Map<String, Integer> into) {
        int digits = digits(id);
        if (digits < id.length()) {
            into.merge(id.substring(0, digits), Integer.parseInt(id, digits, id.length(), 10), Math::max);
        }
    }

    /** Where the number at the end of an id begins; its length where there is none. */
    private static int digits(String id) {
        int at = id.length();
        while (at > 0 && id.charAt(at - 1) >= '0' && id.charAt(at - 1) <= '9') {
            at--;
        }
        return id.length() - at <= MOST_DIGITS ? at : id.length();
    }
}

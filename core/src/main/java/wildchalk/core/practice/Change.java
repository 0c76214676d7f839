package wildchalk.core.practice;

import java.util.List;
import java.util.OptionalInt;

/**
 * What comes before a block: worked out, and never typed unless the coach knows better.
 *
 * @param parts what it is made of, in order; none where nothing is to be done
 * @param said seconds that the coach says it takes; empty where it takes what its parts do
 */
public record Change(List<Part> parts, OptionalInt said) {

    /** What somebody has to do between two blocks. */
    public enum Doing {
        GATHER_BALLS,
        TAKE_UP,
        SET_OUT,
        BIBS,
        WALK,
        TELL
    }

    /**
     * One thing to do.
     *
     * @param seconds how long everybody waits for it, whole
     * @param words what it is, such as "gather 6 balls"
     */
    public record Part(Doing doing, int seconds, String words) {}

    public Change {
        parts = List.copyOf(parts);
    }

    /** Seconds, all together. */
    public int seconds() {
        return said.orElse(workedOut());
    }

    /** Seconds that its parts take, all together. */
    public int workedOut() {
        return parts.stream().mapToInt(Part::seconds).sum();
    }
}

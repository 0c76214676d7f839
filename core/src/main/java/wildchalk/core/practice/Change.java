package wildchalk.core.practice;

import java.util.List;

/**
 * What comes before a block: worked out, never typed.
 *
 * @param parts what it is made of, in order; none where nothing is to be done
 */
public record Change(List<Part> parts) {

    /** Nothing to do. */
    public static final Change NONE = new Change(List.of());

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
        return parts.stream().mapToInt(Part::seconds).sum();
    }
}

package wildchalk.core.score;

/**
 * Something that is counted.
 *
 * @param id unique among the counters of a game
 * @param words what it is: "reaching the far zone"
 * @param worth points for one, may be below 0
 * @param after what it must follow to count, in words: those of another counter, or others; empty for nothing
 * @param against whether its points go to the others
 */
public record Counter(String id, String words, Way way, int worth, String after, boolean against) {

    /** One that follows nothing, for whoever does it. */
    public Counter(String id, String words, Way way, int worth) {
        this(id, words, way, worth, "", false);
    }

    /** How it is counted. */
    public enum Way {
        /** Each adds up. */
        EACH,
        /** One after another without a miss; a miss starts it over, and the longest is worth its points. */
        STREAK,
        /** One after another; after a miss it counts on from where it was. */
        STREAK_ON,
        /** Of so many tries, made and missed; each that was made is worth its points. */
        TRIES,
        /** By the stopwatch; worth no points, the fastest is in front. */
        TIMED
    }
}

package wildchalk.core.drill;

/** Who the people are and how hard they go: both scale what speeds are typical. */
public record Effort(Level level, Intensity intensity) {

    public static final Effort LIVE = new Effort(Level.ADULT, Intensity.LIVE);

    /** How old, or how far on, they are. */
    public enum Level {
        UNDER_8,
        UNDER_10,
        UNDER_12,
        UNDER_14,
        UNDER_16,
        ADULT
    }

    /** How hard they go. */
    public enum Intensity {
        WALK_THROUGH,
        HALF,
        THREE_QUARTER,
        LIVE
    }
}

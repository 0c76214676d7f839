package wildchalk.core.effort;

/**
 * Who the people are and how hard they go: both say what speeds are typical.
 *
 * @param reacting whether people need a moment before they do what something sets off; ideal times have none
 * @param own what is otherwise in this drill
 */
public record Effort(Level level, Intensity intensity, boolean reacting, OwnFigures own) {

    /** Grown people who go at it live. */
    public static final Effort LIVE = new Effort(Level.ADULT, Intensity.LIVE);

    /** With the usual figures. */
    public Effort(Level level, Intensity intensity) {
        this(level, intensity, true, OwnFigures.NONE);
    }

    /** The same with other people. */
    public Effort with(Level other) {
        return new Effort(other, intensity, reacting, own);
    }

    /** The same, gone at otherwise. */
    public Effort with(Intensity other) {
        return new Effort(level, other, reacting, own);
    }

    /** The same with or without moments to react. */
    public Effort reacting(boolean now) {
        return new Effort(level, intensity, now, own);
    }

    /** The same with other figures of its own. */
    public Effort with(OwnFigures figures) {
        return new Effort(level, intensity, reacting, figures);
    }

    /** How old, or how far on, they are. */
    public enum Level {
        UNDER_8,
        UNDER_10,
        UNDER_12,
        UNDER_14,
        UNDER_16,
        /** Grown people of whom no more is said. */
        ADULT,
        WOMEN,
        MEN
    }

    /** How hard they go. */
    public enum Intensity {
        WALK_THROUGH,
        HALF,
        THREE_QUARTER,
        LIVE
    }
}

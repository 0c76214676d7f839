package wildchalk.core.drill;

import wildchalk.core.colour.Colour;

/** What kinds of gear can be put down. The sizes are typical ones, in metres, and can be changed on each piece. */
public enum GearKind {
    CONE(0.23, 0.23, Colour.YELLOW, 0.1),
    MARKER(0.2, 0.2, Colour.ORANGE, 0.05),
    POLE(0.25, 0.25, Colour.RED, 0.2),
    MANNEQUIN(0.5, 0.3, Colour.YELLOW, 0.5),
    HURDLE(0.6, 0.3, Colour.ORANGE, 0.2),
    LADDER(0.5, 4, Colour.YELLOW, 0.5),
    HOOP(0.6, 0.6, Colour.RED, 0.1),
    BOX(0.6, 0.5, Colour.WHITE, 1),
    BENCH(2.5, 0.3, Colour.WHITE, 1),
    MINI_GOAL(1.5, 0.7, Colour.WHITE, 0.5),
    GOAL(3, 1, Colour.WHITE, 1),
    NET(3, 0.1, Colour.WHITE, 1),
    REBOUNDER(1, 0.8, Colour.WHITE, 0.5),
    PAD(0.6, 0.3, Colour.BLUE, 0.5),
    TACKLE_BAG(0.45, 0.45, Colour.BLUE, 1),
    TARGET(0.6, 0.1, Colour.RED, 0.3),
    TAPE_LINE(3, 0.05, Colour.WHITE, 0.2),
    /** Where the gear is carried from; it is put down first and not from measurements. */
    BAG(0.8, 0.4, Colour.WHITE, 1);

    private final double width;
    private final double depth;
    private final Colour colour;
    private final double load;

    GearKind(double width, double depth, Colour colour, double load) {
        this.width = width;
        this.depth = depth;
        this.colour = colour;
        this.load = load;
    }

    /** Across the way it faces, metres. */
    public double width() {
        return width;
    }

    /** Along the way it faces, metres. */
    public double depth() {
        return depth;
    }

    /** The colour it usually has. */
    public Colour colour() {
        return colour;
    }

    /** The share of what one person carries at a time; assumed. */
    public double load() {
        return load;
    }

    /** Whether two of them make a gate to go through. */
    public boolean standsForGate() {
        return this == CONE || this == MARKER || this == POLE || this == MANNEQUIN;
    }

    /** Whether a ball can be shot into it or at it. */
    public boolean isShotAt() {
        return this == GOAL || this == MINI_GOAL || this == TARGET;
    }

    /** Whether it looks the same from all sides, so that turning it means nothing. */
    public boolean isRound() {
        return this == CONE || this == MARKER || this == POLE || this == HOOP || this == TACKLE_BAG;
    }

    /** Whether its colour tells it from others of its kind. */
    public boolean isColoured() {
        return this != BOX
                && this != BENCH
                && this != GOAL
                && this != MINI_GOAL
                && this != NET
                && this != BAG
                && this != REBOUNDER;
    }
}

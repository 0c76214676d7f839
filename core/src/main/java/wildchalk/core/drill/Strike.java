package wildchalk.core.drill;

/**
 * How a ball is struck, thrown or laid up, and what it is aimed at, besides how it goes.
 *
 * @param limb with which hand, foot or side of the stick
 * @param takeoff how the body goes up, or how the ball leaves it
 * @param aim at what
 * @param offBoard whether it goes off the glass, a board or a post on purpose
 */
public record Strike(Craft.Limb limb, Takeoff takeoff, Aim aim, boolean offBoard) {

    /** Of which nobody says anything. */
    public static final Strike PLAIN = new Strike(Craft.Limb.ANY, Takeoff.USUAL, Aim.NONE, false);

    /** The same with another hand, foot or side of the stick. */
    public Strike with(Craft.Limb other) {
        return new Strike(other, takeoff, aim, offBoard);
    }

    /** The same taken off otherwise. */
    public Strike with(Takeoff other) {
        return new Strike(limb, other, aim, offBoard);
    }

    /** The same aimed elsewhere. */
    public Strike with(Aim other) {
        return new Strike(limb, takeoff, other, offBoard);
    }

    /** The same off the board, or not. */
    public Strike off(boolean board) {
        return new Strike(limb, takeoff, aim, board);
    }

    /** The same by the other hand or foot to the other side, as a mirror shows it. */
    public Strike mirrored() {
        return new Strike(limb.mirrored(), takeoff, aim.mirrored(), offBoard);
    }

    /** How the body goes up, or how the ball leaves it. */
    public enum Takeoff {
        USUAL,
        ONE_FOOT,
        TWO_FEET,
        /** Off the foot that is nobody's habit: the one on the side of the shooting hand. */
        WRONG_FOOT,
        /** Over the head. */
        OVER_HEAD
    }

    /**
     * What it is aimed at.
     *
     * @param part of whoever it goes to, or of the keeper
     */
    public record Aim(Part part, Height height, Aside aside) {

        /** Nobody says. */
        public static final Aim NONE = new Aim(Part.ANY, Height.ANY, Aside.ANY);

        /** The same at another part of them. */
        public Aim with(Part other) {
            return new Aim(other, height, aside);
        }

        /** The same at another height. */
        public Aim with(Height other) {
            return new Aim(part, other, aside);
        }

        /** The same to another side. */
        public Aim with(Aside other) {
            return new Aim(part, height, other);
        }

        private Aim mirrored() {
            return new Aim(
                    part,
                    height,
                    switch (aside) {
                        case LEFT -> Aside.RIGHT;
                        case RIGHT -> Aside.LEFT;
                        case ANY -> Aside.ANY;
                    });
        }
    }

    /** A part of whoever it goes to. */
    public enum Part {
        ANY,
        STICK,
        FOOT,
        PAD,
        CHEST,
        HEAD,
        HANDS
    }

    /** How high. */
    public enum Height {
        ANY,
        LOW,
        HIGH
    }

    /** To which side, as whoever sends it sees it. */
    public enum Aside {
        ANY,
        LEFT,
        RIGHT
    }
}

package wildchalk.core.drill;

import java.util.List;

/**
 * What hands and feet do on the way: which of them has the ball, how it is touched, and the feints.
 *
 * @param limb which hand, foot or side of the stick
 * @param rhythm how the ball is touched
 * @param feints what is done on the way, in any order
 */
public record Craft(Limb limb, Rhythm rhythm, List<Feint> feints) {

    /** Of which nobody says anything. */
    public static final Craft PLAIN = new Craft(Limb.ANY, Rhythm.USUAL, List.of());

    /** More than these nobody does on one way. */
    public static final int MOST_FEINTS = 6;

    public Craft {
        feints = List.copyOf(feints);
    }

    /** The same with another hand, foot or side of the stick. */
    public Craft with(Limb other) {
        return new Craft(other, rhythm, feints);
    }

    /** The same in another rhythm. */
    public Craft with(Rhythm other) {
        return new Craft(limb, other, feints);
    }

    /** The same with other feints. */
    public Craft feinting(List<Feint> others) {
        return new Craft(limb, rhythm, others);
    }

    /** The same by the other hand or foot, as a mirror shows it; a stick's sides stay what they are. */
    public Craft mirrored() {
        return with(limb.mirrored());
    }

    /** Which hand, foot or side of the stick. */
    public enum Limb {
        /** Nobody says. */
        ANY,
        LEFT_HAND,
        RIGHT_HAND,
        BOTH_HANDS,
        LEFT_FOOT,
        RIGHT_FOOT,
        /** The open side of a stick, to the right of whoever holds it. */
        OPEN_SIDE,
        /** The other side of a stick. */
        REVERSE_SIDE;

        /** The other hand or foot. */
        public Limb mirrored() {
            return switch (this) {
                case LEFT_HAND -> RIGHT_HAND;
                case RIGHT_HAND -> LEFT_HAND;
                case LEFT_FOOT -> RIGHT_FOOT;
                case RIGHT_FOOT -> LEFT_FOOT;
                default -> this;
            };
        }
    }

    /** How a ball is touched on the way. */
    public enum Rhythm {
        USUAL,
        /** Small and quick touches: closer to the body, and a little slower. */
        SMALL_AND_QUICK,
        /** One long touch, and after it. */
        ONE_LONG,
        /** Small and quick, then a long one. */
        SMALL_THEN_LONG,
        /** In the hands: steps, no dribble. */
        IN_HAND
    }

    /**
     * Something that is done on the way to deceive or get by somebody.
     *
     * @param name what the coach calls it
     * @param share where on the way, 0 to 1 of its length
     * @param seconds what it costs, 0 to {@link #LONGEST}
     */
    public record Feint(String name, double share, double seconds) {

        /** What one costs where nobody says, seconds; assumed. */
        public static final double USUAL = 0.4;
        /** Nobody feints longer, seconds. */
        public static final double LONGEST = 5;
    }
}

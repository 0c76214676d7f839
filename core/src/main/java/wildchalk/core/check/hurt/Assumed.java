package wildchalk.core.check.hurt;

import java.util.Set;
import wildchalk.core.effort.Effort;
import wildchalk.core.surface.Surface;

/** From what on something is said to hurt. All of it is assumed: no rule and no study says so. */
final class Assumed {

    /** A ball as fast as this hurts whoever does not expect it, m/s. */
    static final double FAST_BALL = 9;
    /** A ball flies over heads from here on, metres. */
    static final double OVER_HEADS = 2.2;
    /** So near to the middle of a body a ball hits it, metres. */
    static final double HIT = 0.6;
    /** So far from its middle a body is hit, metres. */
    static final double BODY = 0.4;
    /** Seconds before two meet at which somebody may still give way. */
    static final double TO_GIVE_WAY = 0.5;
    /** Seconds that a keeper needs to stand set again. */
    static final double SET = 2.2;

    private static final Set<String> HARD_BALLS = Set.of("puck", "hockey-ball", "lacrosse-ball");

    private Assumed() {}

    /** How fast two bodies may near each other, m/s: faster than two who walk, less for children. */
    static double closing(Effort.Level level) {
        return switch (level) {
            case UNDER_8, UNDER_10 -> 3.2;
            case UNDER_12, UNDER_14 -> 3.5;
            case UNDER_16, ADULT, WOMEN, MEN -> 4;
        };
    }

    /**
     * How far apart the middles of two stay who pass each other at speed, metres.
     *
     * @param looking how many of the two have the other before their eyes, 0 to 2
     */
    static double room(Surface.Ground ground, int looking) {
        double room =
                switch (looking) {
                    case 0 -> 1.1;
                    case 1 -> 0.9;
                    default -> 0.75;
                };
        return ground == Surface.Ground.ICE ? room + 0.1 : room;
    }

    /** The farthest that is ever near, metres. */
    static double mostRoom(Surface.Ground ground) {
        return room(ground, 0);
    }

    /** A ball that comes as fast as this hurts whoever it is for and who does not look, m/s. */
    static double unseen(String ball) {
        return HARD_BALLS.contains(ball) ? FAST_BALL + 2 : FAST_BALL + 5;
    }

    /** Whether an age counts as children. */
    static boolean isChild(Effort.Level level) {
        return level.compareTo(Effort.Level.UNDER_12) <= 0;
    }

    /** Whether an age is not grown up. */
    static boolean isYouth(Effort.Level level) {
        return level.compareTo(Effort.Level.UNDER_16) <= 0;
    }
}

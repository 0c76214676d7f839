package wildchalk.core.motion;

/**
 * How a ball goes along a straight line: v² = v₀² − 2as, at constant speed when nothing slows it. It is launched as
 * suits the distance, so that it arrives playable.
 *
 * @param near launch speed for a place at hand, m/s, not negative
 * @param perMetre how much more for each metre that it goes, 1/s, not negative
 * @param most launch speed at most, m/s; 0 for what just arrives as it is to
 * @param slowing a, m/s², not negative
 * @param arrives the least speed that it arrives with, m/s: a longer pass is played harder, whatever the most
 */
public record BallLaw(double near, double perMetre, double most, double slowing, double arrives) implements BallMotion {

    /** The least speed a ball arrives with when nothing else is said, m/s. Assumed. */
    private static final double ARRIVES_WITH = 2;

    /** One that is launched with the same speed whatever the distance. */
    public static BallLaw even(double speed, double slowing) {
        return new BallLaw(speed, 0, speed, slowing, ARRIVES_WITH);
    }

    /** The same launched with a share of the speed, and slowed at least so much, m/s². */
    BallLaw scaled(double share, double leastSlowing) {
        return new BallLaw(near * share, perMetre * share, most * share, Math.max(slowing, leastSlowing), arrives);
    }

    /** The same sent harder, or more softly, by a share of its launch speed. */
    BallLaw forced(double share) {
        // What is weighted has no launch speed of its own: it arrives faster or slower. All else arrives slower at
        // most.
        double arriving = most == 0 ? share : Math.min(1, share);
        return new BallLaw(near * share, perMetre * share, most * share, slowing, arrives * arriving);
    }

    /**
     * The same sent so that it arrives with just that speed, m/s, over 0: as a ball is weighted that others run on to.
     */
    BallLaw weighted(double speed) {
        return new BallLaw(0, 0, 0, slowing, speed);
    }

    /** The launch speed for a distance: the usual one, or what still arrives. Metres, m/s. */
    public double launch(double distance) {
        double usual = Math.min(most, near + perMetre * distance);
        return Math.max(usual, Math.sqrt(arrives * arrives + 2 * slowing * distance));
    }

    @Override
    public double time(double distance) {
        double v0 = launch(distance);
        if (slowing == 0) {
            return distance / v0;
        }
        // (v₀ − √(v₀² − 2as)) / a, written so that it does not cancel for small a·s.
        return 2 * distance / (v0 + Math.sqrt(v0 * v0 - 2 * slowing * distance));
    }

    @Override
    public double arrivesWith(double distance) {
        double v0 = launch(distance);
        return Math.sqrt(Math.max(0, v0 * v0 - 2 * slowing * distance));
    }

    @Override
    public double gone(double seconds, double distance) {
        return launch(distance) * seconds - slowing * seconds * seconds / 2;
    }
}

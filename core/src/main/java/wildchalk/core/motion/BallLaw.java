package wildchalk.core.motion;

/**
 * How a ball goes along a straight line: v² = v₀² − 2as, at constant speed when nothing slows it.
 *
 * @param speed launch speed, m/s, positive
 * @param slowing a, m/s², not negative
 */
public record BallLaw(double speed, double slowing) implements BallMotion {

    /** The least speed a ball arrives with, m/s: a longer pass is played harder. Assumed. */
    private static final double ARRIVES_WITH = 2;

    /** The launch speed for a distance: the usual one, or what still arrives. Metres, m/s. */
    public double launch(double distance) {
        return Math.max(speed, Math.sqrt(ARRIVES_WITH * ARRIVES_WITH + 2 * slowing * distance));
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
    public double gone(double seconds, double distance) {
        return launch(distance) * seconds - slowing * seconds * seconds / 2;
    }
}

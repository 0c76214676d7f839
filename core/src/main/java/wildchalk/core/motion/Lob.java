package wildchalk.core.motion;

/**
 * A ball thrown or kicked high, without air: d = v²·sin 2θ / g, so it hangs for √(2·d·tan θ / g).
 *
 * @param angle at which it leaves, radians above the ground, between 0 and π/2
 */
public record Lob(double angle) implements BallMotion {

    /** m/s². */
    static final double GRAVITY = 9.81;

    @Override
    public double time(double distance) {
        return Math.sqrt(2 * distance * Math.tan(angle) / GRAVITY);
    }

    /** Over the ground a lobbed ball goes evenly. */
    @Override
    public double gone(double seconds, double distance) {
        double time = time(distance);
        return time == 0 ? distance : distance * seconds / time;
    }
}

package wildchalk.core.motion;

/**
 * A ball that rolls until it lies: launched at √(2as), it is under way for √(2s/a).
 *
 * @param slowing a, m/s², over 0
 */
record RollingOut(double slowing) implements BallMotion {

    @Override
    public double time(double distance) {
        return Math.sqrt(2 * distance / slowing);
    }

    @Override
    public double gone(double seconds, double distance) {
        double left = Math.max(0, time(distance) - seconds);
        return distance - slowing * left * left / 2;
    }
}

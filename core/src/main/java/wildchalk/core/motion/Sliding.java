package wildchalk.core.motion;

import wildchalk.core.geometry.Vec;

/**
 * A body that is stopped by another: it slows evenly to a stand, its face where it was.
 *
 * @param start seconds on the stage's clock
 * @param end seconds on the stage's clock, when it stands
 * @param velocity as it begins, displacement per second
 */
public record Sliding(double start, double end, Pose from, Vec velocity) implements Stretch {

    /** What somebody is slowed by who is held by another, m/s²; assumed. */
    private static final double HELD = 25;

    /** Somebody who is stopped from a time on. */
    public static Sliding from(double start, Pose pose, Vec velocity) {
        return new Sliding(start, start + velocity.length() / HELD, pose, velocity);
    }

    private double gone(double time) {
        return Math.max(0, Math.min(time, end) - start);
    }

    @Override
    public Vec at(double time) {
        double t = gone(time);
        Vec slower = velocity.unit().times(HELD * t * t / 2);
        return from.at().plus(velocity.times(t)).minus(slower);
    }

    @Override
    public Pose pose(double time) {
        return new Pose(at(time), from.facing());
    }

    @Override
    public Vec velocity(double time) {
        return time >= end ? Vec.ZERO : velocity.minus(velocity.unit().times(HELD * gone(time)));
    }

    @Override
    public Sliding cutAt(double time) {
        return new Sliding(start, Math.min(end, time), from, velocity);
    }
}

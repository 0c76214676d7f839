package wildchalk.core.motion;

import wildchalk.core.geometry.Vec;

/**
 * A body that stands and turns on the spot.
 *
 * @param start seconds on the stage's clock
 * @param end seconds on the stage's clock, when it has turned
 * @param from radians, where it faces at first
 * @param by radians that it turns, evenly, clockwise on the page
 */
public record Standing(double start, double end, Vec place, double from, double by) implements Stretch {

    @Override
    public Vec at(double time) {
        return place;
    }

    @Override
    public Pose pose(double time) {
        double share = end <= start ? 1 : Math.max(0, Math.min(1, (time - start) / (end - start)));
        return new Pose(place, from + by * share);
    }

    @Override
    public Vec velocity(double time) {
        return Vec.ZERO;
    }

    @Override
    public Standing cutAt(double time) {
        if (time >= end) {
            return this;
        }
        double share = (time - start) / (end - start);
        return new Standing(start, time, place, from, by * share);
    }
}

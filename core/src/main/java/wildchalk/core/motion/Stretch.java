package wildchalk.core.motion;

import wildchalk.core.geometry.Vec;

/** One stretch of what a body does: going along a route, following somebody, standing. */
public interface Stretch {

    /** Seconds on the stage's clock. */
    double start();

    /**
     * Seconds on the stage's clock, when the body comes to rest or goes on with something else; infinite while open.
     */
    double end();

    /** Where the body is at a time, seconds. */
    Vec at(double time);

    /** Where it is and how it faces at a time, seconds. */
    Pose pose(double time);

    /** Displacement per second. */
    Vec velocity(double time);

    /** Both at once, which is quicker. */
    default Moving moving(double time) {
        return new Moving(at(time), velocity(time));
    }

    /** The same, ended at a time, seconds; itself when it is over by then. */
    Stretch cutAt(double time);

    /** Where a body is and how it goes. */
    record Moving(Vec at, Vec velocity) {}
}

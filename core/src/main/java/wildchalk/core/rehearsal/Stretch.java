package wildchalk.core.rehearsal;

import wildchalk.core.geometry.Vec;

/** One stretch of what a body does: going along a route, following somebody, standing. */
interface Stretch {

    /** Seconds on the stage's clock. */
    double start();

    /** Seconds on the stage's clock, when the body comes to rest or goes on with something else; infinite while open. */
    double end();

    Vec at(double time);

    Pose pose(double time);

    /** Displacement per second. */
    Vec velocity(double time);

    /** Both at once, which is quicker. */
    default Moving moving(double time) {
        return new Moving(at(time), velocity(time));
    }

    Stretch cutAt(double time);

    /** Where a body is and how it goes. */
    record Moving(Vec at, Vec velocity) {
    }
}

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

    Stretch cutAt(double time);
}

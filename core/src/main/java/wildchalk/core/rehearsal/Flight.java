package wildchalk.core.rehearsal;

import wildchalk.core.geometry.Vec;

/** A ball on its way from a release to where it is met. */
record Flight(String action, Vec from, Vec to, double start, double end, BallLaw law) {

    Vec at(double time) {
        double distance = from.distance(to);
        if (time >= end || distance == 0) {
            return to;
        }
        return from.towards(to, Math.min(1, law.gone(Math.max(0, time - start), distance) / distance));
    }
}

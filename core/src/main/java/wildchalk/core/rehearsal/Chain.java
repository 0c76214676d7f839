package wildchalk.core.rehearsal;

import java.util.List;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.SpeedProfile;

/**
 * A run of one or more travels.
 *
 * @param ends when each of them is over, seconds
 * @param marks metres along the route at which each begins, and the end of the last
 */
record Chain(List<Travel> travels, double[] ends, double begun, Route route, SpeedProfile profile, double[] marks) {

    /** Who is nearer than this to the end of a path when they are sent another way has been there, metres. */
    private static final double LEFT_OUT = 1;

    /** When somebody has come so many metres along one of the paths. */
    double timeAfter(String action, double metres) {
        return begun + profile.timeAt(marks[indexOf(action)] + metres);
    }

    /** Where they are when they have come so many metres along one of the paths. */
    Vec placeAfter(String action, double metres) {
        return route.at(marks[indexOf(action)] + metres);
    }

    /** How long one of the paths is, metres. */
    double length(String action) {
        int i = indexOf(action);
        return marks[i + 1] - marks[i];
    }

    int indexOf(String action) {
        for (int i = 0; i < travels.size(); i++) {
            if (travels.get(i).id().equals(action)) {
                return i;
            }
        }
        return -1;
    }

    double endOf(String action) {
        return ends[indexOf(action)];
    }

    /** Whether a path has a good part to come yet at a time. */
    boolean leaves(String action, double time) {
        return marks[indexOf(action) + 1] - profile.gone(time - begun) > LEFT_OUT;
    }
}

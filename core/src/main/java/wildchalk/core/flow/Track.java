package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** Where one person is from the first whistle to the end. */
final class Track {

    /**
     * A while.
     *
     * @param from seconds after the first whistle
     * @param role whose token they are meanwhile
     * @param facing radians, where they stand; not a number where it goes by how they move
     */
    record Stretch(double from, double to, Move.Way way, String role, Side side, double facing) {

        Vec at(double t) {
            double share = to > from ? Math.max(0, Math.min(1, (t - from) / (to - from))) : 1;
            return way.at(Math.max(0, Math.min(to, t) - from), share);
        }

        double facing(double t) {
            if (way instanceof Move.InRep rep) {
                double at = rep.since() + Math.max(0, Math.min(to, t) - from);
                double as = rep.played().timeline().pose(rep.role(), at).facing();
                return rep.side() == Side.DRAWN ? as : -as;
            }
            if (Double.isNaN(facing) && way instanceof Move.Straight s) {
                return s.end().minus(s.start()).angle();
            }
            return facing;
        }
    }

    private final List<Stretch> stretches = new ArrayList<>();

    void add(Stretch stretch) {
        if (stretch.to() > stretch.from()) {
            stretches.add(stretch);
        }
    }

    /** What is under way at a time; the last one after all. */
    Stretch at(double t) {
        int low = 0;
        int high = stretches.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (stretches.get(middle).from() <= t) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return stretches.get(low);
    }

    boolean isEmpty() {
        return stretches.isEmpty();
    }
}

package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.SteadyLine;
import wildchalk.core.geometry.Vec;

/** Makes a clean path of a line drawn by hand. */
final class Freehand {

    /** A line that strays less than this share of its length was meant to be straight. Assumed. */
    private static final double STRAIGHT = 0.04;

    private Freehand() {}

    /** The path through the points that matter, the start left out: a path begins wherever its person is. */
    static TravelPath path(List<Vec> points, boolean straight, double reach, Spot end) {
        Vec first = points.get(0);
        Vec last = points.get(points.size() - 1);
        double stray = points.stream()
                .mapToDouble(p -> p.distanceToStretch(first, last))
                .max()
                .orElse(0);
        if (straight || stray < Math.max(reach * 0.4, STRAIGHT * first.distance(last))) {
            return new TravelPath(List.of(end), false);
        }
        List<Vec> kept = SteadyLine.straight(points, new BitSet(), reach * 0.35);
        List<Spot> spots = new ArrayList<>();
        kept.subList(1, kept.size() - 1).forEach(p -> spots.add(Spot.at(p)));
        spots.add(end);
        return new TravelPath(spots, true);
    }
}

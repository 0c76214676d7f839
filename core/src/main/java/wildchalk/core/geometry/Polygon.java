package wildchalk.core.geometry;

import java.util.List;

/** Plane areas given by their corners in order. */
public final class Polygon {

    private Polygon() {}

    /** Square metres; the corners may go round either way (Gauss's area formula). */
    public static double area(List<Vec> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            twice += corners.get(i).cross(corners.get((i + 1) % corners.size()));
        }
        return Math.abs(twice) / 2;
    }

    /** Whether a place lies inside, by how often a ray from it crosses the edge. */
    public static boolean contains(List<Vec> corners, Vec p) {
        boolean inside = false;
        for (int i = 0, k = corners.size() - 1; i < corners.size(); k = i++) {
            Vec a = corners.get(i);
            Vec b = corners.get(k);
            if (a.y() > p.y() != b.y() > p.y() && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x()) {
                inside = !inside;
            }
        }
        return inside;
    }

    /** The point of the edge that is nearest to a place. */
    public static Vec nearest(List<Vec> corners, Vec p) {
        Vec best = corners.get(0);
        for (int i = 0; i < corners.size(); i++) {
            Vec on = p.nearestOnStretch(corners.get(i), corners.get((i + 1) % corners.size()));
            best = on.distance(p) < best.distance(p) ? on : best;
        }
        return best;
    }
}

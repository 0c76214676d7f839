package wildchalk.core.practice.ground;

import java.util.List;
import wildchalk.core.geometry.Vec;

/** How far straight ways are apart. */
final class Stretches {

    private Stretches() {}

    /** How far two straight ways are apart, metres; 0 where they cross. */
    static double apart(Vec a, Vec b, Vec c, Vec d) {
        if (crosses(a, b, c, d)) {
            return 0;
        }
        return Math.min(
                Math.min(a.distanceToStretch(c, d), b.distanceToStretch(c, d)),
                Math.min(c.distanceToStretch(a, b), d.distanceToStretch(a, b)));
    }

    private static boolean crosses(Vec a, Vec b, Vec c, Vec d) {
        Vec ab = b.minus(a);
        Vec cd = d.minus(c);
        double first = ab.cross(c.minus(a)) * ab.cross(d.minus(a));
        double second = cd.cross(a.minus(c)) * cd.cross(b.minus(c));
        return first < 0 && second < 0;
    }

    /** How far two ways are apart, metres; a way of one place is that place. */
    static double apart(List<Vec> one, List<Vec> other) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < Math.max(1, one.size() - 1); i++) {
            for (int j = 0; j < Math.max(1, other.size() - 1); j++) {
                least = Math.min(least, apart(one.get(i), end(one, i), other.get(j), end(other, j)));
            }
        }
        return least;
    }

    private static Vec end(List<Vec> way, int i) {
        return way.get(Math.min(i + 1, way.size() - 1));
    }
}

package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** A smooth line through points (centripetal Catmull–Rom: no loops and no overshoot between near points). */
public final class SmoothLine {

    /** Curvature standing for a turn on the spot, in 1/m: a radius of 2 cm. */
    static final double TURN_ON_SPOT = 50;
    /** How much more sharply a line bends at its sharpest than on the whole. */
    private static final double PEAK = 3;

    private static final double MOST_WIDENING = 4;
    /** How many samples a line usually has. */
    private static final int USUAL = 256;

    private SmoothLine() {}

    /**
     * Samples of the smooth line through {@code points}.
     *
     * @param points at least two, no two neighbours equal
     * @param spacing metres between samples, about
     */
    public static List<Vec> through(List<Vec> points, double spacing) {
        List<Vec> samples = new ArrayList<>(USUAL);
        samples.add(points.get(0));
        int n = points.size();
        for (int i = 0; i + 1 < n; i++) {
            Vec p1 = points.get(i);
            Vec p2 = points.get(i + 1);
            Vec p0 = i > 0 ? points.get(i - 1) : p1.plus(p1.minus(p2));
            Vec p3 = i + 2 < n ? points.get(i + 2) : p2.plus(p2.minus(p1));
            int steps = Math.max(2, (int) Math.ceil(p1.distance(p2) / spacing(p0, p1, p2, p3, spacing)));
            double span = Math.sqrt(p1.distance(p2));
            Vec leaves = tangent(p0, p1, p2, span);
            Vec comesIn = tangent(p1, p2, p3, span);
            for (int k = 1; k <= steps; k++) {
                samples.add(k == steps ? p2 : between(p1, leaves, p2, comesIn, (double) k / steps));
            }
        }
        return samples;
    }

    /** A line that hardly bends needs fewer samples to be as near: they are apart like the root of its radius. */
    private static double spacing(Vec p0, Vec p1, Vec p2, Vec p3, double atOneMetre) {
        double turn = Math.max(turn(p0, p1, p2), turn(p1, p2, p3));
        double radius = turn < 1e-6 ? MOST_WIDENING * MOST_WIDENING : p1.distance(p2) / (PEAK * turn);
        return atOneMetre * Math.max(1, Math.min(MOST_WIDENING, Math.sqrt(radius)));
    }

    private static double turn(Vec a, Vec b, Vec c) {
        Vec in = b.minus(a);
        Vec out = c.minus(b);
        return Math.abs(Math.atan2(in.cross(out), in.dot(out)));
    }

    /**
     * Curvature of the circle through three points (Menger), in 1/m; 0 when they lie on a line. Where the line turns
     * back at {@code b} it is that of a turn on the spot, whatever the circle.
     */
    public static double bend(Vec a, Vec b, Vec c) {
        if (b.minus(a).dot(c.minus(b)) < 0) {
            return TURN_ON_SPOT;
        }
        double sides = a.distance(b) * b.distance(c) * c.distance(a);
        return sides == 0 ? 0 : 2 * Math.abs(b.minus(a).cross(c.minus(a))) / sides;
    }

    /**
     * The direction of the line at {@code b}, with knots spaced by the square root of the distance, for a span of 1.
     */
    private static Vec tangent(Vec a, Vec b, Vec c, double span) {
        double in = Math.sqrt(a.distance(b));
        double out = Math.sqrt(b.distance(c));
        return b.minus(a)
                .times(1 / in)
                .minus(c.minus(a).times(1 / (in + out)))
                .plus(c.minus(b).times(1 / out))
                .times(span);
    }

    /** Hermite's cubic from {@code p} to {@code q} that leaves in the direction {@code u} and comes in in {@code v}. */
    private static Vec between(Vec p, Vec u, Vec q, Vec v, double k) {
        double fromP = (1 + 2 * k) * (1 - k) * (1 - k);
        double fromU = k * (1 - k) * (1 - k);
        double fromV = k * k * (k - 1);
        return new Vec(
                fromP * p.x() + fromU * u.x() + (1 - fromP) * q.x() + fromV * v.x(),
                fromP * p.y() + fromU * u.y() + (1 - fromP) * q.y() + fromV * v.y());
    }
}

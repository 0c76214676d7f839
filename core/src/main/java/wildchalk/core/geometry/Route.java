package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * A way across the surface measured by its own length: where it is, where it heads and how sharply it bends after so
 * many metres. Made by {@link RouteBuilder}.
 */
public final class Route {

    /** What is shorter than this has no direction that can be told, metres. */
    private static final double NO_LENGTH = 1e-9;

    private final double[] x;
    private final double[] y;
    private final double[] s;
    private final double[] bend;
    private final boolean[] straight;
    private final double[] sectionEnds;
    private final List<Spin> spins;

    /**
     * A corner in which the body turns the long way round.
     *
     * @param from the node it begins at
     * @param to the node it ends at
     * @param by radians besides what the way turns
     */
    record Spin(int from, int to, double by) {}

    Route(List<Vec> points, List<Double> bends, List<Boolean> straights, double[] sectionEnds, List<Spin> spins) {
        int n = points.size();
        x = new double[n];
        y = new double[n];
        s = new double[n];
        bend = new double[n];
        straight = new boolean[n];
        for (int i = 0; i < n; i++) {
            x[i] = points.get(i).x();
            y[i] = points.get(i).y();
            bend[i] = bends.get(i);
            straight[i] = straights.get(i);
            s[i] = i == 0 ? 0 : s[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        this.sectionEnds = sectionEnds.clone();
        this.spins = List.copyOf(spins);
    }

    /** Metres from start to end. */
    public double length() {
        return s[s.length - 1];
    }

    /** Where it begins. */
    public Vec start() {
        return new Vec(x[0], y[0]);
    }

    /** Where it ends. */
    public Vec end() {
        return new Vec(x[x.length - 1], y[y.length - 1]);
    }

    /** How many corners of the line there are, first and last included. */
    public int nodes() {
        return s.length;
    }

    /** Metres from the start to the node {@code i}. */
    public double along(int i) {
        return s[i];
    }

    /** Curvature at the node {@code i}, in 1/m: 0 where it is straight. */
    public double bendAt(int i) {
        return bend[i];
    }

    /** Curvature on the way from the node {@code i} to the next, in 1/m: 0 where that is straight. */
    public double bendAfter(int i) {
        return i + 1 >= bend.length || straight[i + 1] ? 0 : Math.min(bend[i], bend[i + 1]);
    }

    /** Metres from the start to the end of the section {@code i}. */
    public double sectionEnd(int i) {
        return sectionEnds[i];
    }

    /** How many straight pieces it is made of. */
    public int sections() {
        return sectionEnds.length;
    }

    /** The place after {@code metres}; before the start and beyond the end the ends themselves. */
    public Vec at(double metres) {
        if (metres <= 0) {
            return start();
        }
        if (metres >= length()) {
            return end();
        }
        int i = segmentAt(metres);
        double span = s[i + 1] - s[i];
        double k = span == 0 ? 0 : (metres - s[i]) / span;
        return new Vec(x[i] + (x[i + 1] - x[i]) * k, y[i] + (y[i + 1] - y[i]) * k);
    }

    /** The direction of travel after {@code metres}, in radians; 0 on a route without length. */
    public double heading(double metres) {
        int i = segmentAt(Math.max(0, Math.min(length(), metres)));
        return Math.atan2(y[i + 1] - y[i], x[i + 1] - x[i]);
    }

    /** The direction of travel after {@code metres}, of length 1; to the right on a route without length. */
    public Vec direction(double metres) {
        int i = segmentAt(Math.max(0, Math.min(length(), metres)));
        Vec way = new Vec(x[i + 1] - x[i], y[i + 1] - y[i]);
        return way.length() == 0 ? new Vec(1, 0) : way.unit();
    }

    /** By how many radians a body has turned, after {@code metres}, besides what the way turns. */
    public double spun(double metres) {
        double sum = 0;
        for (Spin spin : spins) {
            double span = s[spin.to()] - s[spin.from()];
            double share = span == 0 ? 1 : Math.max(0, Math.min(1, (metres - s[spin.from()]) / span));
            sum += spin.by() * share;
        }
        return sum;
    }

    /** The part between two distances from the start, as points. */
    public List<Vec> part(double from, double to) {
        List<Vec> points = new ArrayList<>();
        points.add(at(from));
        for (int i = 0; i < s.length; i++) {
            if (s[i] > from + 1e-9 && s[i] < to - 1e-9) {
                points.add(new Vec(x[i], y[i]));
            }
        }
        points.add(at(to));
        return points;
    }

    /** Where its pieces meet, ends included. */
    public List<Vec> points() {
        return part(0, length());
    }

    /** Metres from {@code p} to the nearest point of the route. */
    public double distanceTo(Vec p) {
        double best = p.distance(start());
        for (int i = 0; i + 1 < s.length; i++) {
            best = Math.min(best, p.distanceToStretch(new Vec(x[i], y[i]), new Vec(x[i + 1], y[i + 1])));
        }
        return best;
    }

    /**
     * The piece at a distance from the start; one without length has no direction: the one before or after stands for
     * it.
     */
    private int segmentAt(double metres) {
        int i = Rising.stretch(s, metres);
        while (i > 0 && s[i + 1] - s[i] < NO_LENGTH) {
            i--;
        }
        while (i + 2 < s.length && s[i + 1] - s[i] < NO_LENGTH) {
            i++;
        }
        return i;
    }
}

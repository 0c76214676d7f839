package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;

/** The shape of a line that is gone: where it bends, which way, and how often it goes round. */
final class Course {

    /** How often one looks, metres. */
    private static final double STEP = 0.25;

    private final List<Vec> points = new ArrayList<>();
    private final double step;
    /** By how much it turns at each place, radians. */
    private final double[] turns;

    private final Box around;

    /** @param line at least one place, metres */
    Course(List<Vec> line) {
        double length = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            length += line.get(i).distance(line.get(i + 1));
        }
        int n = Math.max(1, (int) Math.ceil(length / STEP));
        this.step = length / n;
        points.add(line.get(0));
        double walked = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            double stretch = line.get(i).distance(line.get(i + 1));
            while (points.size() < n && points.size() * step <= walked + stretch) {
                points.add(line.get(i).towards(line.get(i + 1), (points.size() * step - walked) / stretch));
            }
            walked += stretch;
        }
        points.add(line.get(line.size() - 1));
        this.around = Box.around(points);
        this.turns = new double[points.size()];
        for (int i = 1; i + 1 < points.size(); i++) {
            Vec a = points.get(i).minus(points.get(i - 1));
            Vec b = points.get(i + 1).minus(points.get(i));
            turns[i] = Math.atan2(a.cross(b), a.dot(b));
        }
    }

    /** Metres. */
    double length() {
        return step * (points.size() - 1);
    }

    /** Where one looks, in order. */
    List<Vec> points() {
        return points;
    }

    Vec start() {
        return points.get(0);
    }

    Vec end() {
        return points.get(points.size() - 1);
    }

    /** Of the places where one looks, the one that is nearest to something. */
    int nearest(Vec thing) {
        int best = 0;
        double least = points.get(0).distance(thing);
        for (int i = 1; i < points.size(); i++) {
            double distance = points.get(i).distance(thing);
            if (distance < least - 1e-9) {
                least = distance;
                best = i;
            }
        }
        return best;
    }

    /** How near to something one comes, metres; too far by a step at most. */
    double distance(Vec thing) {
        double least = Double.MAX_VALUE;
        for (Vec p : points) {
            least = Math.min(least, p.distance(thing));
        }
        return least;
    }

    /** Whether one comes so near to it, metres, at all; quickly, and sometimes where one does not. */
    boolean mayComeNear(Vec thing, double metres) {
        return around.grown(metres).contains(thing);
    }

    /** Where one looks in the first so many metres. */
    List<Vec> until(double metres) {
        int n = step == 0 ? 0 : (int) Math.round(metres / step);
        return points.subList(0, Math.max(1, Math.min(points.size(), n + 1)));
    }

    /** How far along a place is, metres. */
    double along(int i) {
        return i * step;
    }

    /** Which way it goes at a place, of length 1; nowhere where it stands. */
    Vec way(int i) {
        int a = Math.max(0, i - 1);
        int b = Math.min(points.size() - 1, i + 1);
        Vec d = points.get(b).minus(points.get(a));
        return d.length() < 1e-9 ? Vec.ZERO : d.unit();
    }

    /** By how much it turns within so many metres before and after a place, radians; to the right is more than 0. */
    double turning(int i, double metres) {
        int k = step == 0 ? 0 : (int) Math.round(metres / step);
        return turning(Math.max(0, i - k), Math.min(points.size() - 1, i + k));
    }

    /** By how much it turns from beginning to end, radians; to the right is more than 0. */
    double turning() {
        return turning(0, points.size() - 1);
    }

    private double turning(int from, int to) {
        double sum = 0;
        for (int i = from + 1; i < to; i++) {
            sum += turns[i];
        }
        return sum;
    }

    /**
     * Where it cuts from one direction into another.
     *
     * @param radians how much it turns at least
     * @param within metres in which it does so
     */
    List<Integer> cuts(double radians, double within) {
        List<Integer> cuts = new ArrayList<>();
        int apart = step == 0 ? 0 : (int) Math.ceil(within / step);
        double[] sharpness = new double[points.size()];
        for (int i = 0; i < sharpness.length; i++) {
            sharpness[i] = Math.abs(turning(i, within / 2));
        }
        for (int i = 1; i + 1 < points.size(); i++) {
            double turn = sharpness[i];
            boolean sharpest = turn >= radians;
            for (int k = Math.max(1, i - apart); sharpest && k <= Math.min(points.size() - 2, i + apart); k++) {
                double other = sharpness[k];
                sharpest = k < i ? other < turn - 1e-6 : other <= turn + 1e-6;
            }
            if (sharpest) {
                cuts.add(i);
            }
        }
        return cuts;
    }
}

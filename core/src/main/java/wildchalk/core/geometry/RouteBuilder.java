package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Lays a route through waypoints. Sections follow each other without a gap; inside a straight section and where two
 * sections meet, corners are rounded, because nobody turns on a point.
 */
public final class RouteBuilder {

    /**
     * Distance between the samples of a corner that is rounded with {@value #SAMPLED_RADIUS} m, in metres; with the
     * root of a wider radius more, which is as near.
     */
    private static final double SAMPLE = 0.1;

    private static final double SAMPLED_RADIUS = 0.5;
    /** Distance between the samples of a smooth line, in metres: off by under 1 cm at a radius of 1 m. */
    private static final double SMOOTH_SAMPLE = 0.2;
    /** Turns under this are not corners, in radians. */
    private static final double NO_CORNER = Math.toRadians(3);
    /** Curvature standing for a turn on the spot, in 1/m: a radius of 2 cm. */
    private static final double TURN_ON_SPOT = SmoothLine.TURN_ON_SPOT;
    /** How far from a corner its rounding may begin where a side is bent, metres: its chord is to stay near it. */
    private static final double LONGEST_ON_BENT = 2;

    private static final int USUAL = 128;

    private Cornering cornering;
    private Cornering usual;
    private final List<Route.Spin> spun = new ArrayList<>();
    private final List<Vec> points = new ArrayList<>(USUAL);
    private final List<Double> bends = new ArrayList<>(USUAL);
    /** Of each point, whether the way to it is straight. */
    private final List<Boolean> straights = new ArrayList<>(USUAL);

    private final List<Integer> joints = new ArrayList<>();
    private int lastCorner;

    /**
     * @param start where the route begins
     * @param cornering how corners are taken until something else is said
     */
    public RouteBuilder(Vec start, Cornering cornering) {
        this.cornering = cornering;
        usual = cornering;
        add(start, 0, true);
    }

    /** A way with corners that are not rounded. */
    public static RouteBuilder sharp(Vec start) {
        return new RouteBuilder(start, Cornering.SHARP);
    }

    /** How the corners of what is laid from now on are taken. */
    public RouteBuilder cornering(Cornering how) {
        cornering = how;
        usual = how;
        return this;
    }

    /** How the very next corner is taken, before it is as usual again. */
    public RouteBuilder corneringOnce(Cornering how) {
        cornering = how;
        return this;
    }

    /** A straight line, the corners at the waypoints rounded. */
    public RouteBuilder straight(List<Vec> waypoints) {
        for (Vec p : waypoints) {
            if (p.distance(last()) > 1e-9) {
                goOn(List.of(last(), p));
            }
        }
        joints.add(points.size() - 1);
        return this;
    }

    /** A smooth line through every waypoint. */
    public RouteBuilder smooth(List<Vec> waypoints) {
        List<Vec> through = new ArrayList<>();
        through.add(last());
        for (Vec p : waypoints) {
            if (p.distance(through.get(through.size() - 1)) > 1e-9) {
                through.add(p);
            }
        }
        if (through.size() < 3) {
            return straight(waypoints);
        }
        goOn(SmoothLine.through(through, SMOOTH_SAMPLE));
        joints.add(points.size() - 1);
        return this;
    }

    /** The route as it was led so far. */
    public Route build() {
        if (points.size() == 1) {
            add(points.get(0), 0, true);
        }
        double[] ends = new double[joints.size()];
        double along = 0;
        int next = 0;
        for (int i = 0; i < points.size(); i++) {
            along += i == 0 ? 0 : points.get(i).distance(points.get(i - 1));
            while (next < joints.size() && joints.get(next) <= i) {
                ends[next++] = along;
            }
        }
        return new Route(points, bends, straights, ends, spun);
    }

    private Vec last() {
        return points.get(points.size() - 1);
    }

    private void add(Vec p, double bend, boolean straight) {
        points.add(p);
        bends.add(bend);
        straights.add(straight);
    }

    private void removeLast() {
        points.remove(points.size() - 1);
        bends.remove(bends.size() - 1);
        straights.remove(straights.size() - 1);
    }

    /** Adds a line that begins at the last point, with the corner between the two rounded. */
    private void goOn(List<Vec> line) {
        int n = points.size();
        double trimmed = 0;
        if (n > 1) {
            Vec at = last();
            Vec in = at.minus(points.get(n - 2)).unit();
            Vec out = line.get(1).minus(at).unit();
            double turn = Math.atan2(in.cross(out), in.dot(out));
            if (Math.abs(turn) >= NO_CORNER) {
                trimmed = corner(line, turn);
            }
            cornering = usual;
        }
        double along = 0;
        for (int i = 1; i < line.size(); i++) {
            along += line.get(i).distance(line.get(i - 1));
            if (along > trimmed + 1e-9) {
                double bend = i + 1 < line.size() ? SmoothLine.bend(line.get(i - 1), line.get(i), line.get(i + 1)) : 0;
                add(line.get(i), bend, line.size() == 2);
            }
        }
    }

    /** Rounds the corner at the last point and says how much of {@code line} that took, in metres. */
    private double corner(List<Vec> line, double turn) {
        int n = points.size();
        double tan = Math.tan(Math.abs(turn) / 2);
        // Half of what is there on each side at most, so that neighbouring corners do not overlap.
        double room = Math.min(lengthSinceCorner(), length(line)) / 2;
        boolean straightSides = line.size() == 2 && straights.get(n - 1);
        if (straightSides && cornering.goesRound() && Math.abs(turn) > Cornering.GOES_ROUND) {
            double nearest = Math.min(last().distance(points.get(n - 2)), length(line));
            double taken = goRound(line, turn, Math.min(cornering.widest(), 0.4 * nearest));
            if (taken > 0) {
                return taken;
            }
        }
        double most = straightSides ? room : Math.min(room, LONGEST_ON_BENT);
        double reach = Math.min(cornering.radius(turn) * tan, most);
        double radius = reach / tan;
        if (radius < 1 / TURN_ON_SPOT) {
            bends.set(n - 1, TURN_ON_SPOT);
            return 0;
        }
        Vec at = last();
        Vec to = pointAlong(line, reach);
        Vec from = trimBack(reach);
        int first = points.size();
        int steps = Math.max(4, steps(turn, radius));
        if (straightSides) {
            addArc(from, at.minus(from).unit(), Math.signum(turn) * radius, turn, steps);
        } else {
            addBlend(from, at, to, steps);
        }
        cornered(first, turn, n - 1, first + steps / 2);
        return reach;
    }

    /**
     * A turn by way of the place itself, on a circle that touches it there: from where the way before meets the circle
     * to where the way after leaves it.
     *
     * @return how much of {@code line} that took, metres; 0 when there is no room for a circle
     */
    private double goRound(List<Vec> line, double turn, double radius) {
        int n = points.size();
        Vec at = last();
        Vec before = points.get(n - 2);
        Vec after = line.get(1);
        Vec inwards = before.minus(at).unit().plus(after.minus(at).unit());
        if (radius < 0.3) {
            return 0;
        }
        // Of a turn right back there is no inside: the way goes round to the right or left as it turns.
        Vec middle = inwards.length() < 1e-6 ? before.minus(at).unit() : inwards.unit();
        Vec centre = at.plus(middle.times(radius));
        double sense = Math.signum(turn);
        double from = touches(before, centre, radius, sense);
        double to = touches(after, centre, radius, -sense);
        double by = Math.IEEEremainder(to - from, 2 * Math.PI);
        by = by * sense < 0 ? by + sense * 2 * Math.PI : by;
        int steps = Math.max(8, steps(by, radius));
        removeLast();
        int first = points.size();
        for (int i = 0; i <= steps; i++) {
            add(centre.plus(Vec.polar(radius, from + by * i / steps)), 1 / radius, i == 0);
        }
        cornered(first, turn, n - 1, first + steps / 2);
        add(after, 0, true);
        return Double.POSITIVE_INFINITY;
    }

    private static int steps(double turn, double radius) {
        double sample = SAMPLE * Math.sqrt(Math.max(1, radius / SAMPLED_RADIUS));
        return (int) Math.ceil(Math.abs(turn) * radius / sample);
    }

    /** At what angle from its centre a line from {@code p} touches a circle; clockwise of it for a sense of 1. */
    private static double touches(Vec p, Vec centre, double radius, double sense) {
        Vec out = p.minus(centre);
        return out.angle() + sense * Math.acos(Math.min(1, radius / out.length()));
    }

    /** What is said of a corner when its points are laid. */
    private void cornered(int first, double turn, int joint, int middle) {
        double sharpest = cornering.sharpest(turn);
        for (int i = first; i < points.size(); i++) {
            bends.set(i, Math.max(sharpest, bends.get(i) / cornering.grip()));
        }
        if (cornering.spins()) {
            spun.add(new Route.Spin(first, points.size() - 1, -Math.signum(turn) * 2 * Math.PI));
        }
        joints.replaceAll(j -> j == joint ? middle : j);
        lastCorner = points.size() - 1;
    }

    private void addArc(Vec from, Vec heading, double signedRadius, double turn, int steps) {
        Vec centre = from.plus(heading.quarterTurn().times(signedRadius));
        Vec spoke = from.minus(centre);
        for (int i = 0; i <= steps; i++) {
            add(centre.plus(spoke.rotated(turn * i / steps)), 1 / Math.abs(signedRadius), i == 0);
        }
    }

    /** A parabola that touches both sides: for corners between lines that are themselves bent. */
    private void addBlend(Vec from, Vec at, Vec to, int steps) {
        List<Vec> blend = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            double k = (double) i / steps;
            blend.add(from.towards(at, k).towards(at.towards(to, k), k));
        }
        for (int i = 0; i <= steps; i++) {
            int middle = Math.max(1, Math.min(steps - 1, i));
            add(blend.get(i), SmoothLine.bend(blend.get(middle - 1), blend.get(middle), blend.get(middle + 1)), false);
        }
    }

    private double lengthSinceCorner() {
        double sum = 0;
        for (int i = lastCorner + 1; i < points.size(); i++) {
            sum += points.get(i).distance(points.get(i - 1));
        }
        // The first side has no corner before it: all of it may be used.
        return lastCorner == 0 ? 2 * sum : sum;
    }

    /** Takes {@code metres} off the end and says where the line now ends; that point itself is not in it. */
    private Vec trimBack(double metres) {
        double left = metres;
        while (points.size() > 1) {
            Vec end = last();
            Vec before = points.get(points.size() - 2);
            double side = end.distance(before);
            removeLast();
            if (side > left + 1e-9) {
                return end.towards(before, left / side);
            }
            left = Math.max(0, left - side);
            if (left == 0) {
                Vec at = last();
                if (points.size() > 1) {
                    removeLast();
                }
                return at;
            }
        }
        return last();
    }

    private static Vec pointAlong(List<Vec> line, double metres) {
        double left = metres;
        for (int i = 1; i < line.size(); i++) {
            double side = line.get(i).distance(line.get(i - 1));
            if (side >= left) {
                return line.get(i - 1).towards(line.get(i), left / side);
            }
            left -= side;
        }
        return line.get(line.size() - 1);
    }

    private static double length(List<Vec> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += line.get(i).distance(line.get(i - 1));
        }
        return sum;
    }
}

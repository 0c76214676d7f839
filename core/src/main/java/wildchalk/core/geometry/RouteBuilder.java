package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Lays a route through waypoints. Sections follow each other without a gap; inside a straight section and where two
 * sections meet, corners are rounded, because nobody turns on a point.
 */
public final class RouteBuilder {

    /** Distance between the samples of a rounded corner, in metres. */
    private static final double SAMPLE = 0.1;
    /** Distance between the samples of a smooth line, in metres: off by under 1 cm at a radius of 1 m. */
    private static final double SMOOTH_SAMPLE = 0.2;
    /** Turns under this are not corners, in radians. */
    private static final double NO_CORNER = Math.toRadians(3);
    /** Curvature standing for a turn on the spot, in 1/m: a radius of 2 cm. */
    private static final double TURN_ON_SPOT = SmoothLine.TURN_ON_SPOT;
    /** How far from a corner its rounding may begin, in corner radii: who turns sharply turns tightly. */
    public static final double LONGEST_REACH = 3;

    private static final int USUAL = 128;

    private double cornerRadius;
    private double grip = 1;
    private boolean spins;
    private final List<Route.Spin> spun = new ArrayList<>();
    private final List<Vec> points = new ArrayList<>(USUAL);
    private final List<Double> bends = new ArrayList<>(USUAL);
    private final List<Integer> joints = new ArrayList<>();
    private int lastCorner;

    /**
     * @param start where the route begins
     * @param cornerRadius the radius that sharp corners are rounded with, in metres
     */
    public RouteBuilder(Vec start, double cornerRadius) {
        this.cornerRadius = cornerRadius;
        add(start, 0);
    }

    /**
     * How the corners of what is laid from now on are taken.
     *
     * @param radius metres
     * @param share of the usual speed that a corner of that radius leaves, over 0 and up to 1
     * @param spinning whether the body turns the long way round in them
     */
    public RouteBuilder cornering(double radius, double share, boolean spinning) {
        cornerRadius = radius;
        grip = share * share;
        spins = spinning;
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
            add(points.get(0), 0);
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
        return new Route(points, bends, ends, spun);
    }

    private Vec last() {
        return points.get(points.size() - 1);
    }

    private void add(Vec p, double bend) {
        points.add(p);
        bends.add(bend);
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
        }
        double along = 0;
        for (int i = 1; i < line.size(); i++) {
            along += line.get(i).distance(line.get(i - 1));
            if (along > trimmed + 1e-9) {
                double bend = i + 1 < line.size() ? SmoothLine.bend(line.get(i - 1), line.get(i), line.get(i + 1)) : 0;
                add(line.get(i), bend);
            }
        }
    }

    /** Rounds the corner at the last point and says how much of {@code line} that took, in metres. */
    private double corner(List<Vec> line, double turn) {
        int n = points.size();
        double tan = Math.tan(Math.abs(turn) / 2);
        // Half of what is there on each side at most, so that neighbouring corners do not overlap.
        double room = Math.min(lengthSinceCorner(), length(line)) / 2;
        double reach = Math.min(Math.min(cornerRadius * tan, LONGEST_REACH * cornerRadius), room);
        double radius = reach / tan;
        if (radius < 1 / TURN_ON_SPOT) {
            bends.set(n - 1, TURN_ON_SPOT);
            return 0;
        }
        Vec at = last();
        Vec to = pointAlong(line, reach);
        Vec from = trimBack(reach);
        int first = points.size();
        int steps = Math.max(4, (int) Math.ceil(Math.abs(turn) * radius / SAMPLE));
        boolean straightSides = Math.abs(from.distance(at) - reach) < 1e-9 && Math.abs(to.distance(at) - reach) < 1e-9;
        if (straightSides) {
            addArc(from, at.minus(from).unit(), Math.signum(turn) * radius, turn, steps);
        } else {
            addBlend(from, at, to, steps);
        }
        for (int i = first; i < points.size(); i++) {
            bends.set(i, bends.get(i) / grip);
        }
        if (spins) {
            spun.add(new Route.Spin(first, points.size() - 1, -Math.signum(turn) * 2 * Math.PI));
        }
        int middle = first + steps / 2;
        joints.replaceAll(joint -> joint == n - 1 ? middle : joint);
        lastCorner = points.size() - 1;
        return reach;
    }

    private void addArc(Vec from, Vec heading, double signedRadius, double turn, int steps) {
        Vec centre = from.plus(heading.quarterTurn().times(signedRadius));
        Vec spoke = from.minus(centre);
        for (int i = 0; i <= steps; i++) {
            add(centre.plus(spoke.rotated(turn * i / steps)), 1 / Math.abs(signedRadius));
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
            add(blend.get(i), SmoothLine.bend(blend.get(middle - 1), blend.get(middle), blend.get(middle + 1)));
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
            points.remove(points.size() - 1);
            bends.remove(bends.size() - 1);
            if (side > left + 1e-9) {
                return end.towards(before, left / side);
            }
            left = Math.max(0, left - side);
            if (left == 0) {
                Vec at = last();
                if (points.size() > 1) {
                    points.remove(points.size() - 1);
                    bends.remove(bends.size() - 1);
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

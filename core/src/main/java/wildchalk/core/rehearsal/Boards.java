package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Wall;

/**
 * Boards with round corners, along which a ball runs: straight into the corner, round it, out of it along the boards,
 * and off them just before where it goes. Along the boards is measured clockwise on the page, from where the left ones
 * begin to be straight.
 */
final class Boards {

    /** Corners of a smaller radius than this stop a ball, metres; assumed. */
    private static final double LEAST_RADIUS = 0.5;

    /** So many metres along the boards for each metre off them a ball comes away from them; assumed. */
    private static final double COMES_OFF = 2;

    private static final int STEPS = 40;
    private static final Wall[] IN_ORDER = {Wall.LEFT, Wall.END, Wall.RIGHT, Wall.OWN_END};

    /** Half the straight part of a side and of an end, metres. */
    private final double along;

    private final double across;
    private final double radius;

    Boards(Surface surface) {
        radius = surface.cornerRadius();
        along = surface.length() / 2 - radius;
        across = surface.width() / 2 - radius;
    }

    /**
     * The shorter way along the boards; with a wall, the way along that one where there is one.
     *
     * @return places from {@code from} to {@code to}; empty when there is no round corner between them
     */
    Optional<List<Vec>> way(Vec from, Vec to, Optional<Wall> by) {
        if (radius < LEAST_RADIUS) {
            return Optional.empty();
        }
        double start = nearest(from);
        double gap = (nearest(to) - start + length()) % length();
        boolean shorter = gap <= length() / 2;
        boolean named = by.isPresent() && passes(by.get(), start, gap) != passes(by.get(), start + gap, length() - gap);
        boolean clockwise = named ? passes(by.get(), start, gap) : shorter;
        List<Vec> way = clockwise ? round(from, start, gap, to) : round(to, start + gap, length() - gap, from);
        if (!clockwise) {
            Collections.reverse(way);
        }
        if (way.size() > 2) {
            comingOff(nearest(to), to, clockwise).ifPresent(p -> way.add(way.size() - 1, p));
        }
        return way.size() > 2 ? Optional.of(way) : Optional.empty();
    }

    private double length() {
        return 4 * (along + across) + 2 * Math.PI * radius;
    }

    private double quarter() {
        return Math.PI / 2 * radius;
    }

    private double straight(int side) {
        return 2 * (side % 2 == 0 ? along : across);
    }

    /** Where the straight part of a side begins. */
    private double begin(int side) {
        double sum = 0;
        for (int i = 0; i < side; i++) {
            sum += straight(i) + quarter();
        }
        return sum;
    }

    private Vec centre(int corner) {
        return new Vec(corner == 0 || corner == 1 ? along : -along, corner == 1 || corner == 2 ? across : -across);
    }

    /** How far along the boards the place of them is that is nearest to somewhere inside. */
    private double nearest(Vec p) {
        double best = Double.POSITIVE_INFINITY;
        double at = 0;
        for (int i = 0; i < 4; i++) {
            Vec spoke = p.minus(centre(i));
            double turn = Math.IEEEremainder(spoke.angle() - (i - 1) * Math.PI / 2, 2 * Math.PI);
            double on = Math.max(0, Math.min(Math.PI / 2, turn));
            double off = p.distance(centre(i).plus(Vec.polar(radius, (i - 1) * Math.PI / 2 + on)));
            if (off < best) {
                best = off;
                at = begin(i) + straight(i) + on * radius;
            }
            Vec a = centre((i + 3) % 4).plus(Vec.polar(radius, (i - 1) * Math.PI / 2));
            Vec way = Vec.polar(1, i * Math.PI / 2);
            double gone = Math.max(0, Math.min(straight(i), p.minus(a).dot(way)));
            off = p.distance(a.plus(way.times(gone)));
            if (off < best) {
                best = off;
                at = begin(i) + gone;
            }
        }
        return at;
    }

    /**
     * Clockwise for {@code gap} metres along the boards: the corners that lie there, with the ends straight to them.
     */
    private List<Vec> round(Vec from, double start, double gap, Vec to) {
        List<Vec> way = new ArrayList<>(List.of(from));
        for (int i = 0; i < 12; i++) {
            double corner = begin(i % 4) + straight(i % 4) + length() * Math.floorDiv(i, 4);
            double a = Math.max(corner, start);
            double b = Math.min(corner + quarter(), start + gap);
            if (b - a > 1e-6) {
                for (int k = 0; k <= STEPS; k++) {
                    double turn = (a + (b - a) * k / STEPS - corner) / radius;
                    way.add(centre(i % 4).plus(Vec.polar(radius, (i % 4 - 1) * Math.PI / 2 + turn)));
                }
            }
        }
        way.add(to);
        return way;
    }

    /**
     * Where a ball that goes to a place beside the boards comes off them; empty when that is in a corner.
     *
     * @param on how far along the boards is the place of them that is nearest, metres
     */
    private Optional<Vec> comingOff(double on, Vec to, boolean clockwise) {
        for (int i = 0; i < 4; i++) {
            double gone = on - begin(i);
            if (gone > 1e-6 && gone <= straight(i) + 1e-6) {
                Vec a = centre((i + 3) % 4).plus(Vec.polar(radius, (i - 1) * Math.PI / 2));
                Vec way = Vec.polar(1, i * Math.PI / 2);
                double off = to.distance(a.plus(way.times(gone)));
                double left = gone + (clockwise ? -off : off) * COMES_OFF;
                return left > 1e-6 && left < straight(i) - 1e-6
                        ? Optional.of(a.plus(way.times(left)))
                        : Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** Whether a stretch of the boards runs along the straight part of a wall. */
    private boolean passes(Wall wall, double start, double gap) {
        for (int i = 0; i < 12; i++) {
            double a = begin(i % 4) + length() * Math.floorDiv(i, 4);
            if (IN_ORDER[i % 4] == wall
                    && Math.min(a + straight(i % 4), start + gap) - Math.max(a, start) > LEAST_RADIUS) {
                return true;
            }
        }
        return false;
    }
}

package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Wall;

/** What a stroke looks like: whether it arches, goes along the boards, or goes out and comes back. */
final class Trace {

    /** A bulge of this share of the way, all to one side, is an arch. Assumed. */
    private static final double ARCH = 0.2;
    /** A little to the other side does no harm, as a share of the bulge. */
    private static final double WRONG_SIDE = 0.15;
    /** Who comes back ends this near to where they began, as a share of how far they went. */
    private static final double BACK = 0.35;
    /** Out and back is about twice as far as out; a round of something is more. */
    private static final double ROUND_TRIP = 2.3;
    /** A ball that goes round the boards is beside them for this share of its way at least. */
    private static final double ALONG = 0.3;

    private final List<Vec> points;
    private final Vec first;
    private final Vec last;

    Trace(Gesture gesture) {
        points = gesture.points();
        first = points.get(0);
        last = gesture.end();
    }

    /** Whether it rises to one side and comes down again, as a lob is drawn. */
    boolean arches() {
        double way = first.distance(last);
        Vec along = last.minus(first).unit();
        double left = 0;
        double right = 0;
        for (Vec p : points) {
            double side = along.cross(p.minus(first));
            left = Math.min(left, side);
            right = Math.max(right, side);
        }
        double bulge = Math.max(-left, right);
        return way > 0 && bulge >= ARCH * way && Math.min(-left, right) <= WRONG_SIDE * bulge;
    }

    /** The place farthest from where it began. */
    Vec farthest() {
        return points.stream()
                .max((a, b) -> Double.compare(a.distance(first), b.distance(first)))
                .orElseThrow();
    }

    /** Whether it goes somewhere and comes straight back. */
    boolean returns(double reach) {
        double out = farthest().distance(first);
        return out > 1.5 * reach
                && last.distance(first) <= Math.max(reach, BACK * out)
                && Ruler.length(points) <= ROUND_TRIP * out;
    }

    /** The sides of the surface that it touches on its way, in that order; not those that it begins or ends at. */
    List<Wall> walls(Surface surface, double near) {
        List<Wall> walls = new ArrayList<>();
        for (Vec p : points) {
            for (Wall wall : Wall.values()) {
                boolean beside = off(p, wall, surface) < near
                        && off(first, wall, surface) >= near
                        && off(last, wall, surface) >= near;
                if (beside && (walls.isEmpty() || walls.get(walls.size() - 1) != wall)) {
                    walls.add(wall);
                }
            }
        }
        return walls;
    }

    /** Whether it goes along the boards for a good part of its way and round a corner of them. */
    boolean rounds(Surface surface, double near) {
        double beside = 0;
        boolean corner = false;
        for (int i = 0; i + 1 < points.size(); i++) {
            Vec middle = points.get(i).towards(points.get(i + 1), 0.5);
            boolean in = surface.contains(middle, -near);
            beside += in ? 0 : points.get(i).distance(points.get(i + 1));
            corner |= !in
                    && Math.abs(middle.x()) > surface.length() / 2 - surface.cornerRadius()
                    && Math.abs(middle.y()) > surface.width() / 2 - surface.cornerRadius();
        }
        return corner && beside > ALONG * Ruler.length(points);
    }

    private static double off(Vec p, Wall wall, Surface surface) {
        return switch (wall) {
            case LEFT -> p.y() + surface.width() / 2;
            case RIGHT -> surface.width() / 2 - p.y();
            case END -> surface.length() / 2 - p.x();
            case OWN_END -> p.x() + surface.length() / 2;
        };
    }
}

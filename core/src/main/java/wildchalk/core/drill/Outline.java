package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.geometry.Vec;

/** The edge of an area that a coach marks out, round the area's place. */
public sealed interface Outline {

    /** A circle counts as a figure of so many corners where corners are asked for. */
    int ROUND = 48;

    /** @param turn radians, clockwise on the page; the width is along x before it */
    record Rectangle(double width, double depth, double turn) implements Outline {
    }

    /** @param radius metres */
    record Circle(double radius) implements Outline {
    }

    /** @param corners in order, metres from the area's place; three at least */
    record Corners(List<Vec> corners) implements Outline {
        public Corners {
            corners = List.copyOf(corners);
        }
    }

    static Outline rectangle(double width, double depth) {
        return new Rectangle(width, depth, 0);
    }

    /** The corners in order, on the surface. */
    default List<Vec> at(Vec place) {
        List<Vec> corners = new ArrayList<>();
        if (this instanceof Rectangle r) {
            double x = r.width() / 2;
            double y = r.depth() / 2;
            for (Vec c : List.of(new Vec(-x, -y), new Vec(x, -y), new Vec(x, y), new Vec(-x, y))) {
                corners.add(place.plus(c.rotated(r.turn())));
            }
        } else if (this instanceof Circle c) {
            for (int i = 0; i < ROUND; i++) {
                corners.add(place.plus(Vec.polar(c.radius(), 2 * Math.PI * i / ROUND)));
            }
        } else {
            ((Corners) this).corners().forEach(c -> corners.add(place.plus(c)));
        }
        return corners;
    }

    /** Whether a point lies inside, or on the edge as near as a hand is fine. */
    default boolean contains(Vec place, Vec point) {
        if (this instanceof Circle c) {
            return place.distance(point) <= c.radius() + 1e-9;
        }
        return Polygon.contains(at(place), point);
    }

    /** Seen in a mirror, then turned. */
    default Outline placed(boolean ends, boolean sides, double by) {
        if (this instanceof Rectangle r) {
            double mirrored = ends != sides ? -r.turn() : r.turn();
            return new Rectangle(r.width(), r.depth(), mirrored + by + 0.0);
        }
        if (this instanceof Corners c) {
            return new Corners(c.corners().stream().map(v -> v.mirrored(ends, sides).rotated(by)).toList());
        }
        return this;
    }
}

package wildchalk.core.geometry;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The edge of an area that a coach marks out, round the area's place. */
public sealed interface Outline {

    /** A circle counts as a figure of so many corners where corners are asked for. */
    int ROUND = 48;

    /** The corners in order, on the surface, when the area's place is there. */
    List<Vec> at(Vec place);

    /** Seen in a mirror (end to end, side to side), then turned by so many radians. */
    Outline placed(boolean ends, boolean sides, double by);

    /** Whether a point lies inside, or on the edge as near as a hand is fine. */
    default boolean contains(Vec place, Vec point) {
        return Polygon.contains(at(place), point);
    }

    /**
     * One that lies straight.
     *
     * @param width metres along x
     * @param depth metres along y
     */
    static Outline rectangle(double width, double depth) {
        return new Rectangle(width, depth, 0);
    }

    /** @param turn radians, clockwise on the page; the width is along x before it */
    record Rectangle(double width, double depth, double turn) implements Outline {

        @Override
        public List<Vec> at(Vec place) {
            double x = width / 2;
            double y = depth / 2;
            return Stream.of(new Vec(-x, -y), new Vec(x, -y), new Vec(x, y), new Vec(-x, y))
                    .map(c -> place.plus(c.rotated(turn)))
                    .toList();
        }

        @Override
        public Rectangle placed(boolean ends, boolean sides, double by) {
            double mirrored = ends != sides ? -turn : turn;
            return new Rectangle(width, depth, mirrored + by + 0.0);
        }
    }

    /** @param radius metres */
    record Circle(double radius) implements Outline {

        @Override
        public List<Vec> at(Vec place) {
            return IntStream.range(0, ROUND)
                    .mapToObj(i -> place.plus(Vec.polar(radius, 2 * Math.PI * i / ROUND)))
                    .toList();
        }

        @Override
        public boolean contains(Vec place, Vec point) {
            return place.distance(point) <= radius + 1e-9;
        }

        @Override
        public Circle placed(boolean ends, boolean sides, double by) {
            return this;
        }
    }

    /** @param corners in order, metres from the area's place; three at least */
    record Corners(List<Vec> corners) implements Outline {
        public Corners {
            corners = List.copyOf(corners);
        }

        @Override
        public List<Vec> at(Vec place) {
            return corners.stream().map(place::plus).toList();
        }

        @Override
        public Corners placed(boolean ends, boolean sides, double by) {
            return new Corners(corners.stream()
                    .map(v -> v.mirrored(ends, sides).rotated(by))
                    .toList());
        }
    }
}

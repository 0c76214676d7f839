package wildchalk.core.surface;

import java.util.List;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;

/**
 * A line or spot painted on the surface, by the middle of the paint.
 *
 * @param width of the paint in metres; 0 for a filled spot
 * @param ink the style name it is painted with
 * @param dash metres painted, metres left out; empty when unbroken
 */
public record Marking(String id, Shape shape, double width, String ink, List<Double> dash) {

    public Marking {
        dash = List.copyOf(dash);
    }

    /** The true geometry. */
    public sealed interface Shape {

        Curve curve();
    }

    public record Straight(List<Vec> points) implements Shape {
        public Straight {
            points = List.copyOf(points);
        }

        @Override
        public Curve curve() {
            return Curve.open(points);
        }
    }

    /** Part of a circle, or the whole of it; angles in radians, clockwise on the page. */
    public record Arc(Vec centre, double radius, double start, double sweep) implements Shape {
        @Override
        public Curve curve() {
            return Math.abs(sweep) >= 2 * Math.PI - 1e-9
                    ? Curve.circle(centre, radius) : Curve.arc(centre, radius, start, sweep);
        }
    }

    /** A filled round spot. */
    public record Spot(Vec centre, double radius) implements Shape {
        @Override
        public Curve curve() {
            return Curve.circle(centre, radius);
        }
    }

    public boolean filled() {
        return shape instanceof Spot;
    }
}

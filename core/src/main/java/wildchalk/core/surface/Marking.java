package wildchalk.core.surface;

import java.util.List;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;

/**
 * Something painted on the surface, by the middle of the paint.
 *
 * @param name in people's words, as in "on the 23 m line"; empty for marks that nobody calls by name
 * @param width of the paint in metres; 0 for a filled spot and for lettering
 * @param ink the style name it is painted with
 * @param dash metres painted, metres left out; empty when unbroken
 */
public record Marking(String id, String name, Shape shape, double width, String ink, List<Double> dash) {

    public Marking {
        dash = List.copyOf(dash);
    }

    /** The true geometry. */
    public sealed interface Shape {

        /** Its shape as a curve, metres. */
        Curve curve();

        /** The same seen in a mirror: across the halfway line, across the line through both ends, or both. */
        Shape mirrored(boolean ends, boolean sides);
    }

    public record Straight(List<Vec> points) implements Shape {
        public Straight {
            points = List.copyOf(points);
        }

        @Override
        public Curve curve() {
            return Curve.open(points);
        }

        @Override
        public Straight mirrored(boolean ends, boolean sides) {
            return new Straight(
                    points.stream().map(p -> p.mirrored(ends, sides)).toList());
        }
    }

    /** Part of a circle, or the whole of it; angles in radians, clockwise on the page. */
    public record Arc(Vec centre, double radius, double start, double sweep) implements Shape {

        /** Whether it goes all the way round. */
        public boolean isCircle() {
            return Math.abs(sweep) >= 2 * Math.PI - 1e-9;
        }

        @Override
        public Curve curve() {
            return isCircle() ? Curve.circle(centre, radius) : Curve.arc(centre, radius, start, sweep);
        }

        @Override
        public Arc mirrored(boolean ends, boolean sides) {
            double turned = ends ? Math.PI - start : start;
            return new Arc(
                    centre.mirrored(ends, sides), radius, sides ? -turned : turned, ends == sides ? sweep : -sweep);
        }

        /** The place on the arc, {@code share} of the way along it. */
        public Vec at(double share) {
            return centre.plus(Vec.polar(radius, start + sweep * share));
        }
    }

    /** A filled round spot. */
    public record Spot(Vec centre, double radius) implements Shape {
        @Override
        public Curve curve() {
            return Curve.circle(centre, radius);
        }

        @Override
        public Spot mirrored(boolean ends, boolean sides) {
            return new Spot(centre.mirrored(ends, sides), radius);
        }
    }

    /** Figures or letters painted on the ground; drawn so that they can be read on the board. */
    public record Lettering(Vec centre, String text, double height) implements Shape {
        @Override
        public Curve curve() {
            return Curve.box(Box.around(centre, height * 0.7 * text.length(), height));
        }

        @Override
        public Lettering mirrored(boolean ends, boolean sides) {
            return new Lettering(centre.mirrored(ends, sides), text, height);
        }
    }

    /** Whether the whole of it is painted. */
    public boolean filled() {
        return shape instanceof Spot;
    }
}

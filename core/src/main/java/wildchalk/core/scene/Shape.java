package wildchalk.core.scene;

import java.util.List;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;

/** Something a brush paints; all lengths in metres. */
public sealed interface Shape {

    /** What it is painted with; a {@link Look} gives it its colour. */
    Ink ink();

    /** Lets a brush paint it. */
    void paintWith(Brush brush);

    /**
     * A painted line with round ends and joints.
     *
     * @param dash metres painted, metres left out; empty when unbroken
     * @param chalked whether the look's grain shows in it
     */
    record Stroke(Curve curve, double width, Ink ink, List<Double> dash, boolean chalked) implements Shape {
        @Override
        public void paintWith(Brush brush) {
            brush.stroke(this);
        }

        public Stroke {
            dash = List.copyOf(dash);
        }

        @Override
        public Stroke inked(Ink other, double breadth) {
            return new Stroke(curve, width * breadth, other, dash, chalked);
        }

        @Override
        public Stroke plain() {
            return new Stroke(curve, width, ink, dash, false);
        }
    }

    record Fill(Curve outline, Ink ink, boolean chalked) implements Shape {
        @Override
        public void paintWith(Brush brush) {
            brush.fill(this);
        }

        @Override
        public Fill inked(Ink other, double breadth) {
            return new Fill(outline, other, chalked);
        }

        @Override
        public Fill plain() {
            return new Fill(outline, ink, false);
        }
    }

    /**
     * A few words, centred on a place.
     *
     * @param size height of the type in metres
     */
    record Label(Vec at, String text, double size, Ink ink) implements Shape {
        @Override
        public void paintWith(Brush brush) {
            brush.label(this);
        }

        /** The same so far away, metres. */
        Label moved(Vec by) {
            return new Label(at.plus(by), text, size, ink);
        }

        /** Smaller than this, in pixels, type is a smudge: small pictures leave it out. */
        public static final double READABLE = 7;
    }

    /**
     * What is there, but not now: another option, another rung, somebody else. Painted so that it stays in the
     * background.
     */
    record Faint(Shape of) implements Shape {
        @Override
        public void paintWith(Brush brush) {
            brush.faint(this);
        }

        /** How much of its colour is left. */
        public static final double COVER = 0.3;

        @Override
        public Ink ink() {
            return of.ink();
        }
    }

    /** The same without grain: of so little colour it would leave dots. */
    default Shape plain() {
        return this;
    }

    /** The same in another ink, and lines so many times as broad. */
    default Shape inked(Ink other, double breadth) {
        return this;
    }

    /** All of it in the background. */
    static List<Shape> faint(List<Shape> shapes) {
        return shapes.stream()
                .map(s -> s instanceof Faint ? s : new Faint(s.plain()))
                .toList();
    }
}

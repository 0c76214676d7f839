package wildchalk.core.scene;

import java.util.List;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;

/** Something a brush paints; all lengths in metres. */
public sealed interface Shape {

    Ink ink();

    /**
     * A painted line with round ends and joints.
     *
     * @param dash metres painted, metres left out; empty when unbroken
     * @param chalked whether the look's grain shows in it
     */
    record Stroke(Curve curve, double width, Ink ink, List<Double> dash, boolean chalked) implements Shape {
        public Stroke {
            dash = List.copyOf(dash);
        }
    }

    record Fill(Curve outline, Ink ink, boolean chalked) implements Shape {
    }

    /**
     * A few words, centred on a place.
     *
     * @param size height of the type in metres
     */
    record Label(Vec at, String text, double size, Ink ink) implements Shape {

        /** Smaller than this, in pixels, type is a smudge: small pictures leave it out. */
        public static final double READABLE = 7;

    }

    /** What is there, but not now: another option, another rung, somebody else. Painted so that it stays in the background. */
    record Faint(Shape of) implements Shape {

        /** How much of its colour is left. */
        public static final double COVER = 0.3;

        @Override
        public Ink ink() {
            return of.ink();
        }
    }

    /** All of it in the background. So little colour and a grain in it would leave dots, so there is none. */
    static List<Shape> faint(List<Shape> shapes) {
        return shapes.stream().map(s -> s instanceof Faint ? s : new Faint(s instanceof Stroke k ? new Stroke(k.curve(), k.width(), k.ink(), k.dash(), false)
                : s instanceof Fill f ? new Fill(f.outline(), f.ink(), false) : s)).toList();
    }
}

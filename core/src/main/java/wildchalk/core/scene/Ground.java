package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;

/** A surface as a picture: board, grid, markings and targets. */
public final class Ground {

    /** Painted lines are never thinner than this, in units, so that they can be seen. */
    private static final double LEAST = 0.12;

    private Ground() {
    }

    public static List<Shape> of(Surface surface, Frame frame) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Fill(surface.outline(), Ink.BOARD, false));
        double least = frame.unit() * LEAST;
        shapes.addAll(grid(surface, least));
        for (Marking m : surface.markings()) {
            shapes.add(marking(m, least));
        }
        if (surface.edge() == Surface.Edge.BOARDS) {
            shapes.add(new Shape.Stroke(surface.outline(), least * 1.8, Ink.LINE, List.of(), false));
        }
        GearShapes gear = new GearShapes(frame);
        surface.targets().forEach(t -> shapes.addAll(gear.target(t)));
        return shapes;
    }

    private static Shape marking(Marking m, double least) {
        Ink ink = Ink.ofMarking(m.ink());
        if (m.shape() instanceof Marking.Lettering letters) {
            return new Shape.Label(letters.centre(), letters.text(), letters.height(), ink);
        }
        if (m.shape() instanceof Marking.Spot spot) {
            return new Shape.Fill(Curve.circle(spot.centre(), Math.max(least * 1.5, spot.radius())), ink, false);
        }
        return new Shape.Stroke(m.shape().curve(), Math.max(least, m.width()), ink, m.dash(), false);
    }

    private static List<Shape> grid(Surface surface, double width) {
        List<Shape> lines = new ArrayList<>();
        Box b = surface.bounds();
        double step = surface.grid();
        for (double x = step; step > 0 && x < b.width() - 1e-9; x += step) {
            lines.add(new Shape.Stroke(Curve.line(new Vec(b.x() + x, b.y()), new Vec(b.x() + x, b.y() + b.height())),
                    width, Ink.GRID, List.of(), false));
        }
        for (double y = step; step > 0 && y < b.height() - 1e-9; y += step) {
            lines.add(new Shape.Stroke(Curve.line(new Vec(b.x(), b.y() + y), new Vec(b.x() + b.width(), b.y() + y)),
                    width, Ink.GRID, List.of(), false));
        }
        return lines;
    }
}

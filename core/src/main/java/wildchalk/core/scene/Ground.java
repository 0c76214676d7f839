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

    /** Metres between the lines of a grid that is asked for: from near, and when more than this is in view. */
    private static final double FINE_GRID = 1;

    private static final double COARSE_GRID = 5;
    private static final double FAR = 30;

    private Ground() {}

    /** The surface with its run-off, markings and targets. */
    public static List<Shape> of(Surface surface, Frame frame) {
        return of(surface, frame, Aids.USUAL);
    }

    static List<Shape> of(Surface surface, Frame frame, Aids aids) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Fill(surface.outline(), Ink.BOARD, false));
        double least = frame.unit() * LEAST;
        Box b = surface.bounds();
        if (surface.grid() > 0) {
            shapes.addAll(grid(b, surface.grid(), new Vec(b.x(), b.y()), least));
        } else if (aids.grid()) {
            shapes.addAll(grid(b, frame.view().width() > FAR ? COARSE_GRID : FINE_GRID, b.centre(), least));
        }
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

    /** Lines across the bounds, one of each kind through {@code through}. */
    private static List<Shape> grid(Box b, double step, Vec through, double width) {
        List<Shape> lines = new ArrayList<>();
        for (double x = first(b.x(), through.x(), step); x < b.x() + b.width() - 1e-9; x += step) {
            lines.add(new Shape.Stroke(
                    Curve.line(new Vec(x, b.y()), new Vec(x, b.y() + b.height())), width, Ink.GRID, List.of(), false));
        }
        for (double y = first(b.y(), through.y(), step); y < b.y() + b.height() - 1e-9; y += step) {
            lines.add(new Shape.Stroke(
                    Curve.line(new Vec(b.x(), y), new Vec(b.x() + b.width(), y)), width, Ink.GRID, List.of(), false));
        }
        return lines;
    }

    /** The first line inside an edge. */
    private static double first(double edge, double through, double step) {
        double rest = (through - edge) % step;
        return edge + (rest > 1e-9 ? rest : step);
    }
}

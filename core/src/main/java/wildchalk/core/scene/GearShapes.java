package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/**
 * How gear and the targets of a surface look from above: at true size, and larger only where true size could not be
 * seen.
 */
final class GearShapes {

    /** Nothing is drawn smaller than this, in units. */
    private static final double LEAST = 1.3;

    private static final double RUNG = 0.5;

    private final Frame frame;
    private final double unit;

    GearShapes(Frame frame) {
        this.frame = frame;
        this.unit = frame.unit();
    }

    List<Shape> of(Piece.Item item) {
        return switch (item.kind()) {
            case CONE -> cone(item);
            case MARKER -> List.of(fill(circle(item, 0.5), item), ring(item.at(), unit * 0.2, Ink.BOARD));
            case POLE -> List.of(
                    ring(item.at(), unit * 0.55, ink(item)), fill(Curve.circle(item.at(), unit * 0.24), item));
            case HOOP -> List.of(ring(item.at(), size(item).x() / 2, ink(item)));
            case TACKLE_BAG -> List.of(
                    fill(circle(item, 0.5), item), ring(item.at(), size(item).x() * 0.28, Ink.BOARD));
            case GOAL, MINI_GOAL -> goal(item.at(), item.facing(), item.width(), item.depth());
            case NET -> net(item.at(), item.facing(), item.width());
            case LADDER -> ladder(item);
            case HURDLE -> hurdle(item);
            case MANNEQUIN -> mannequin(item);
            case TARGET -> target(item);
            case TAPE_LINE -> List.of(
                    stroke(across(item, 0, size(item).x()), Math.max(unit * 0.2, item.depth()), ink(item)));
            case REBOUNDER -> List.of(
                    outline(item),
                    stroke(across(item, size(item).y() / 2, size(item).x()), unit * 0.3, ink(item)));
            case PAD -> List.of(fill(rectangle(item), item));
            case BENCH -> List.of(
                    outline(item), stroke(across(item, 0, size(item).x() * 0.8), unit * 0.1, ink(item)));
            case BOX -> List.of(
                    outline(item),
                    stroke(diagonal(item, 1), unit * 0.12, ink(item)),
                    stroke(diagonal(item, -1), unit * 0.12, ink(item)));
            case BAG -> bag(item);
        };
    }

    /** A heap of balls. */
    List<Shape> supply(Piece.Supply supply, Tokens tokens) {
        List<Shape> shapes = new ArrayList<>();
        double apart = unit * 0.62;
        shapes.addAll(tokens.ball(supply.at().plus(frame.onPage(-apart, apart * 0.6))));
        shapes.addAll(tokens.ball(supply.at().plus(frame.onPage(apart, apart * 0.6))));
        shapes.addAll(tokens.ball(supply.at().plus(frame.onPage(0, -apart * 0.5))));
        return shapes;
    }

    List<Shape> target(Surface.Target t) {
        return switch (t.shape()) {
            case BASKET -> List.of(
                    new Shape.Stroke(Curve.circle(t.at(), t.width() / 2), unit * 0.16, Ink.SIGNAL, List.of(), false));
            case NET -> net(t.at(), t.facing(), t.width());
            case POSTS -> posts(t);
            case GOAL -> goal(t.at(), t.facing(), t.width(), t.depth());
        };
    }

    private List<Shape> cone(Piece.Item cone) {
        double u = unit * 0.72;
        Vec at = cone.at();
        return List.of(
                fill(
                        Curve.closed(List.of(
                                at.plus(frame.onPage(0, -u)),
                                at.plus(frame.onPage(u * 0.75, u * 0.6)),
                                at.plus(frame.onPage(-u * 0.75, u * 0.6)))),
                        cone),
                new Shape.Stroke(
                        Curve.line(at.plus(frame.onPage(-u * 1.1, u * 0.85)), at.plus(frame.onPage(u * 1.1, u * 0.85))),
                        unit * 0.16,
                        ink(cone),
                        List.of(),
                        true));
    }

    /** A goal seen from above: posts, and a frame behind the mouth. */
    private List<Shape> goal(Vec at, double facing, double width, double depth) {
        Vec across = Vec.polar(width / 2, facing + Math.PI / 2);
        Vec back = Vec.polar(-Math.max(depth, unit * 0.6), facing);
        Curve frameLine = Curve.open(List.of(
                at.plus(across), at.plus(across).plus(back), at.minus(across).plus(back), at.minus(across)));
        return List.of(new Shape.Stroke(frameLine, unit * 0.2, Ink.FRAME, List.of(), false));
    }

    private List<Shape> net(Vec at, double facing, double width) {
        Vec half = Vec.polar(width / 2, facing + Math.PI / 2);
        return List.of(
                new Shape.Stroke(
                        Curve.line(at.minus(half), at.plus(half)),
                        unit * 0.34,
                        Ink.FRAME,
                        List.of(unit * 0.18, unit * 0.18),
                        false),
                new Shape.Stroke(Curve.line(at.minus(half), at.plus(half)), unit * 0.1, Ink.FRAME, List.of(), false),
                new Shape.Fill(Curve.circle(at.minus(half), unit * 0.3), Ink.FRAME, false),
                new Shape.Fill(Curve.circle(at.plus(half), unit * 0.3), Ink.FRAME, false));
    }

    private List<Shape> posts(Surface.Target t) {
        Vec half = Vec.polar(t.width() / 2, t.facing() + Math.PI / 2);
        return List.of(
                new Shape.Stroke(
                        Curve.line(t.at().minus(half), t.at().plus(half)), unit * 0.16, Ink.FRAME, List.of(), false),
                new Shape.Fill(Curve.circle(t.at().minus(half), unit * 0.32), Ink.FRAME, false),
                new Shape.Fill(Curve.circle(t.at().plus(half), unit * 0.32), Ink.FRAME, false));
    }

    private List<Shape> ladder(Piece.Item item) {
        Vec size = size(item);
        List<Shape> shapes = new ArrayList<>(List.of(outline(item)));
        int rungs = Math.max(1, (int) Math.round(size.y() / Math.max(RUNG, unit * 0.7)));
        for (int i = 1; i < rungs; i++) {
            shapes.add(stroke(across(item, size.y() * ((double) i / rungs - 0.5), size.x()), unit * 0.12, ink(item)));
        }
        return shapes;
    }

    private List<Shape> hurdle(Piece.Item item) {
        Vec size = size(item);
        return List.of(
                stroke(across(item, 0, size.x()), unit * 0.26, ink(item)),
                stroke(along(item, -size.x() / 2, size.y()), unit * 0.16, ink(item)),
                stroke(along(item, size.x() / 2, size.y()), unit * 0.16, ink(item)));
    }

    private List<Shape> mannequin(Piece.Item item) {
        Vec size = size(item);
        return List.of(
                stroke(across(item, 0, size.x()), unit * 0.5, ink(item)),
                new Shape.Fill(Curve.circle(item.at(), unit * 0.5), ink(item), false),
                ring(item.at(), unit * 0.5, Ink.BOARD));
    }

    private List<Shape> target(Piece.Item item) {
        Vec size = size(item);
        return List.of(
                stroke(across(item, 0, size.x()), unit * 0.16, ink(item)),
                ring(item.at(), unit * 0.62, ink(item)),
                fill(Curve.circle(item.at(), unit * 0.28), item));
    }

    private List<Shape> bag(Piece.Item item) {
        Vec size = size(item);
        Vec up = Vec.polar(1, item.facing());
        return List.of(
                outline(item),
                stroke(across(item, 0, size.x() * 0.5), unit * 0.12, ink(item)),
                stroke(
                        Curve.arc(
                                item.at().plus(up.times(size.y() / 2)),
                                size.x() * 0.22,
                                item.facing() - Math.PI / 2,
                                Math.PI),
                        unit * 0.14,
                        ink(item)));
    }

    /** Width and depth as drawn. */
    private Vec size(Piece.Item item) {
        double larger = Math.max(1, unit * LEAST / Math.max(item.width(), item.depth()));
        return new Vec(item.width() * larger, Math.max(item.depth() * larger, Math.min(item.depth(), unit * 0.3)));
    }

    private Vec place(Piece.Item item, double across, double along) {
        return item.at().plus(Vec.polar(along, item.facing())).plus(Vec.polar(across, item.facing() + Math.PI / 2));
    }

    private Curve across(Piece.Item item, double along, double length) {
        return Curve.line(place(item, -length / 2, along), place(item, length / 2, along));
    }

    private Curve along(Piece.Item item, double across, double length) {
        return Curve.line(place(item, across, -length / 2), place(item, across, length / 2));
    }

    private Curve diagonal(Piece.Item item, double side) {
        Vec size = size(item);
        return Curve.line(
                place(item, -size.x() / 2, -side * size.y() / 2), place(item, size.x() / 2, side * size.y() / 2));
    }

    private Curve rectangle(Piece.Item item) {
        Vec half = size(item).times(0.5);
        return Curve.closed(List.of(
                place(item, -half.x(), -half.y()),
                place(item, half.x(), -half.y()),
                place(item, half.x(), half.y()),
                place(item, -half.x(), half.y())));
    }

    private Shape outline(Piece.Item item) {
        return stroke(rectangle(item), unit * 0.18, ink(item));
    }

    private Curve circle(Piece.Item item, double share) {
        return Curve.circle(item.at(), size(item).x() * share);
    }

    private Shape ring(Vec at, double radius, Ink ink) {
        return new Shape.Stroke(Curve.circle(at, radius), unit * 0.18, ink, List.of(), false);
    }

    private static Shape fill(Curve curve, Piece.Item item) {
        return new Shape.Fill(curve, ink(item), true);
    }

    private static Shape stroke(Curve curve, double width, Ink ink) {
        return new Shape.Stroke(curve, width, ink, List.of(), true);
    }

    private static Ink ink(Piece.Item item) {
        return Ink.of(item.colour());
    }
}

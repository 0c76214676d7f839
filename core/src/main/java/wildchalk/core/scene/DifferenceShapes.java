package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.Differences;

/**
 * One rung laid over another: what is new is ringed, what has moved leads back to where it stood, what is gone is
 * faint.
 */
public final class DifferenceShapes {

    private DifferenceShapes() {}

    /** What lies under the board: the other rung as far as it differs, in the background. */
    public static List<Shape> under(Board below, Board here) {
        Differences.Ids ids = Differences.ids(below.stage(), here.stage());
        return Shape.faint(below.only(0, ids.all()));
    }

    /** What lies over the board: rings and ways. */
    public static List<Shape> over(Board below, Board here) {
        Differences.Ids ids = Differences.ids(below.stage(), here.stage());
        double unit = here.frame().unit();
        List<Shape> shapes = new ArrayList<>();
        for (Piece piece : here.stage().pieces()) {
            Vec at = here.stage().place(piece);
            boolean moved = ids.changed().contains(piece.id());
            if (piece instanceof Piece.Mark || !moved && !ids.fresh().contains(piece.id())) {
                continue;
            }
            Vec was = below.stage().piece(piece.id()).map(below.stage()::place).orElse(at);
            if (moved && was.distance(at) > unit / 2) {
                shapes.add(new Shape.Stroke(
                        Curve.line(was, at), unit * 0.16, Ink.ASK, List.of(unit * 0.2, unit * 0.3), false));
            }
            shapes.add(new Shape.Stroke(Curve.circle(at, unit * 1.7), unit * 0.24, Ink.ASK, List.of(), false));
        }
        for (Piece piece : below.stage().pieces()) {
            if (ids.gone().contains(piece.id()) && !(piece instanceof Piece.Mark)) {
                Vec at = below.stage().place(piece);
                double arm = unit * 0.9;
                shapes.add(new Shape.Stroke(
                        Curve.line(at.plus(new Vec(-arm, -arm)), at.plus(new Vec(arm, arm))),
                        unit * 0.2,
                        Ink.BAD,
                        List.of(),
                        false));
                shapes.add(new Shape.Stroke(
                        Curve.line(at.plus(new Vec(-arm, arm)), at.plus(new Vec(arm, -arm))),
                        unit * 0.2,
                        Ink.BAD,
                        List.of(),
                        false));
            }
        }
        for (Action action : here.stage().actions()) {
            if (ids.changed().contains(action.id()) || ids.fresh().contains(action.id())) {
                shapes.add(new Shape.Stroke(
                        Curve.open(here.route(action.id()).points()), unit * 0.9, Ink.WASH_ASK, List.of(), false));
            }
        }
        return shapes;
    }
}

package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import wildchalk.core.ask.Answer.Drawn;
import wildchalk.core.ask.Answer.Verdict;
import wildchalk.core.ask.Sight;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;

/** What is painted over a frozen board: a veil over all, what matters again on top of it, and the answer. */
public final class AnswerShapes {

    /** How far a field of view is drawn, in units: as far as the eye follows it on the board. */
    private static final double SIGHT = 14;

    private AnswerShapes() {
    }

    /**
     * The board dimmed.
     *
     * @param matters ids of the people, balls and gear that stay lit
     */
    public static List<Shape> dimmed(Board board, double t, Set<String> matters) {
        List<Shape> shapes = new ArrayList<>();
        // Wide enough for whatever is shown beside the surface.
        shapes.add(new Shape.Fill(Curve.box(board.frame().view().grown(500)), Ink.VEIL, false));
        shapes.addAll(board.only(t, matters));
        return shapes;
    }

    public static List<Shape> of(List<Drawn> answer, double unit) {
        List<Shape> shapes = new ArrayList<>();
        answer.forEach(d -> shapes.addAll(shape(d, unit)));
        return shapes;
    }

    private static List<Shape> shape(Drawn d, double unit) {
        List<Vec> p = d.points();
        Ink ink = ink(d.verdict());
        return switch (d.kind()) {
            case RING -> p.stream().map(at -> stroke(Curve.circle(at, unit * 1.9), unit * 0.28, ink)).toList();
            case LINE -> List.of(stroke(Curve.open(p), unit * 0.28, ink));
            case LANE -> List.of(new Shape.Fill(band(p.get(0), p.get(1), unit * 0.8), wash(d.verdict()), false),
                    dashed(Curve.line(p.get(0), p.get(1)), unit, ink), said(middle(p).plus(new Vec(0, -unit * 1.4)), d.words(), unit, ink));
            case REGION -> List.of(new Shape.Fill(Curve.closed(round(p)), Ink.WASH_ASK, false), stroke(Curve.closed(round(p)), unit * 0.16, ink));
            case NOTE -> List.of(said(p.get(0).plus(new Vec(0, -unit * 2.4)), d.words(), unit, ink));
            case SIGHT -> sight(d, unit, ink);
            case GAP -> List.of(stroke(Curve.line(p.get(0), p.get(1)), unit * 0.16, ink), tick(p.get(0), p.get(1), unit, ink), tick(p.get(1), p.get(0), unit, ink),
                    said(middle(p).plus(new Vec(0, -unit * 1.2)), d.words(), unit, ink));
            case SOONER -> List.of(dashed(Curve.line(p.get(0), p.get(1)), unit, ink),
                    stroke(Curve.circle(p.get(1), unit * 0.6), unit * 0.2, Ink.ASK), said(p.get(0).plus(new Vec(0, -unit * 2.1)), d.words(), unit, ink));
        };
    }

    private static List<Shape> sight(Drawn d, double unit, Ink ink) {
        Vec eye = d.points().get(0);
        Curve cone = new Curve.Builder().moveTo(eye).arc(eye, unit * SIGHT, d.facing() - Sight.HALF, 2 * Sight.HALF).close().build();
        return List.of(new Shape.Fill(cone, wash(d.verdict()), false), stroke(cone, unit * 0.1, ink),
                said(eye.plus(new Vec(0, -unit * 2.3)), d.words(), unit, ink));
    }

    private static Ink ink(Verdict verdict) {
        return verdict == Verdict.GOOD ? Ink.GOOD : verdict == Verdict.BAD ? Ink.BAD : Ink.ASK;
    }

    private static Ink wash(Verdict verdict) {
        return verdict == Verdict.GOOD ? Ink.WASH_GOOD : verdict == Verdict.BAD ? Ink.WASH_BAD : Ink.WASH_ASK;
    }

    private static Shape stroke(Curve curve, double width, Ink ink) {
        return new Shape.Stroke(curve, width, ink, List.of(), false);
    }

    private static Shape dashed(Curve curve, double unit, Ink ink) {
        return new Shape.Stroke(curve, unit * 0.2, ink, List.of(unit * 0.5, unit * 0.4), false);
    }

    private static Shape said(Vec at, String words, double unit, Ink ink) {
        return new Shape.Label(at, words, unit * 1.1, ink);
    }

    private static Shape tick(Vec at, Vec other, double unit, Ink ink) {
        return stroke(Lines.bar(at, other.minus(at).angle(), unit), unit * 0.16, ink);
    }

    private static Curve band(Vec from, Vec to, double half) {
        Vec side = to.minus(from).unit().quarterTurn().times(half);
        return Curve.closed(List.of(from.plus(side), to.plus(side), to.minus(side), from.minus(side)));
    }

    private static Vec middle(List<Vec> points) {
        return points.get(0).towards(points.get(1), 0.5);
    }

    /** The corners in order round their middle, so that the edges do not cross. */
    private static List<Vec> round(List<Vec> points) {
        Vec middle = points.stream().reduce(Vec.ZERO, Vec::plus).times(1.0 / points.size());
        return points.stream().sorted(Comparator.comparingDouble(p -> p.minus(middle).angle())).toList();
    }
}

package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.ask.Answer;
import wildchalk.core.ask.Answer.Drawn;
import wildchalk.core.ask.Answer.Verdict;
import wildchalk.core.ask.Sight;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/** What is painted over a frozen board: a veil over all, what matters again on top of it, and the answer. */
public final class AnswerShapes {

    /** How far a field of view is drawn, in units: as far as the eye follows it on the board. */
    private static final double SIGHT = 14;

    /** Width of a letter, as a share of its height; about. */
    private static final double LETTER = 0.55;

    private AnswerShapes() {}

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

    /** The board at a freeze: dimmed but for what matters, and once it is answered with the answer drawn. */
    public static List<Shape> frozen(
            Board board, Freeze freeze, Stage stage, Timeline timeline, Surface surface, Unit unit, boolean answered) {
        double t = timeline.moment(freeze.at()).orElse(0);
        List<Shape> shapes =
                new ArrayList<>(dimmed(board, t, Set.copyOf(Answer.matters(freeze, stage, timeline, surface))));
        if (answered) {
            shapes.addAll(of(Answer.of(freeze, stage, timeline, surface, unit), board.frame()));
        }
        return shapes;
    }

    /** What is drawn of an answer. */
    public static List<Shape> of(List<Drawn> answer, Frame frame) {
        List<Shape> shapes = new ArrayList<>();
        answer.forEach(d -> shapes.addAll(shape(d, frame)));
        // Words last, so that nothing is drawn over them.
        return Stream.concat(
                        shapes.stream().filter(s -> !isWords(s)),
                        shapes.stream().filter(AnswerShapes::isWords))
                .toList();
    }

    private static boolean isWords(Shape shape) {
        return shape instanceof Shape.Label || shape.ink() == Ink.VEIL;
    }

    /**
     * Beside the middle of a line that lies on the page, so that the words do not cover its ends; on one that stands,
     * on it.
     */
    private static Vec beside(List<Vec> line, Frame frame) {
        Vec onPage = line.get(1).minus(line.get(0)).rotated(frame.turn());
        boolean lies = Math.abs(onPage.x()) > Math.abs(onPage.y());
        return middle(line).plus(lies ? frame.onPage(0, -frame.unit() * 1.7) : Vec.ZERO);
    }

    private static List<Shape> shape(Drawn d, Frame frame) {
        double unit = frame.unit();
        List<Vec> p = d.points();
        Ink ink = ink(d.verdict());
        return switch (d.kind()) {
            case RING -> p.stream()
                    .map(at -> stroke(Curve.circle(at, unit * 1.9), unit * 0.28, ink))
                    .toList();
            case LINE -> List.of(stroke(Curve.open(p), unit * 0.28, ink));
            case LANE -> all(
                    new Shape.Fill(band(p.get(0), p.get(1), unit * 0.8), wash(d.verdict()), false),
                    dashed(Curve.line(p.get(0), p.get(1)), unit, ink),
                    said(beside(p, frame), d.words(), frame, ink));
            case REGION -> List.of(
                    new Shape.Fill(Curve.closed(round(p)), Ink.WASH_ASK, false),
                    stroke(Curve.closed(round(p)), unit * 0.16, ink));
            case NOTE -> said(p.get(0).plus(frame.onPage(0, -unit * 2.4)), d.words(), frame, ink);
            case SIGHT -> sight(d, frame, ink);
            case GAP -> all(
                    stroke(Curve.line(p.get(0), p.get(1)), unit * 0.16, ink),
                    ticks(p.get(0), p.get(1), unit, ink),
                    said(beside(p, frame), d.words(), frame, ink));
            case AWAY -> all(
                    dashed(Curve.open(p), unit, ink),
                    stroke(Curve.circle(p.get(p.size() - 1), unit * 1.9), unit * 0.28, ink),
                    said(p.get(p.size() - 1).plus(frame.onPage(0, -unit * 2.6)), d.words(), frame, ink));
            case SOONER -> all(
                    dashed(Curve.line(p.get(0), p.get(1)), unit, ink),
                    stroke(Curve.circle(p.get(1), unit * 0.6), unit * 0.2, Ink.ASK),
                    said(p.get(0).plus(frame.onPage(0, -unit * 2.1)), d.words(), frame, ink));
        };
    }

    private static List<Shape> sight(Drawn d, Frame frame, Ink ink) {
        double unit = frame.unit();
        Vec eye = d.points().get(0);
        Curve cone = new Curve.Builder()
                .moveTo(eye)
                .arc(eye, unit * SIGHT, d.facing() - Sight.HALF, 2 * Sight.HALF)
                .close()
                .build();
        return all(
                new Shape.Fill(cone, wash(d.verdict()), false),
                stroke(cone, unit * 0.1, ink),
                said(eye.plus(Vec.polar(unit * SIGHT * 0.62, d.facing())), d.words(), frame, ink));
    }

    private static Ink ink(Verdict verdict) {
        if (verdict == Verdict.GOOD) {
            return Ink.GOOD;
        }
        if (verdict == Verdict.BAD) {
            return Ink.BAD;
        }
        return Ink.ASK;
    }

    private static Ink wash(Verdict verdict) {
        if (verdict == Verdict.GOOD) {
            return Ink.WASH_GOOD;
        }
        if (verdict == Verdict.BAD) {
            return Ink.WASH_BAD;
        }
        return Ink.WASH_ASK;
    }

    private static Shape stroke(Curve curve, double width, Ink ink) {
        return new Shape.Stroke(curve, width, ink, List.of(), false);
    }

    private static Shape dashed(Curve curve, double unit, Ink ink) {
        return new Shape.Stroke(curve, unit * 0.2, ink, List.of(unit * 0.5, unit * 0.4), false);
    }

    /** Words on a ground of their own, so that no line runs through them. */
    private static List<Shape> said(Vec at, String words, Frame frame, Ink ink) {
        double size = frame.unit() * 1.1;
        Vec right = frame.onPage(size * LETTER * words.length() / 2 + size * 0.4, 0);
        Vec down = frame.onPage(0, size * 0.75);
        Curve ground = Curve.closed(List.of(
                at.minus(right).minus(down),
                at.plus(right).minus(down),
                at.plus(right).plus(down),
                at.minus(right).plus(down)));
        return words.isEmpty()
                ? List.of()
                : List.of(new Shape.Fill(ground, Ink.VEIL, false), new Shape.Label(at, words, size, ink));
    }

    private static List<Shape> all(Shape first, Shape second, List<Shape> words) {
        List<Shape> shapes = new ArrayList<>(List.of(first, second));
        shapes.addAll(words);
        return shapes;
    }

    private static Shape ticks(Vec from, Vec to, double unit, Ink ink) {
        Vec half = to.minus(from).unit().quarterTurn().times(unit / 2);
        Curve both = new Curve.Builder()
                .moveTo(from.minus(half))
                .lineTo(from.plus(half))
                .moveTo(to.minus(half))
                .lineTo(to.plus(half))
                .build();
        return stroke(both, unit * 0.16, ink);
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
        return points.stream()
                .sorted(Comparator.comparingDouble(p -> p.minus(middle).angle()))
                .toList();
    }
}

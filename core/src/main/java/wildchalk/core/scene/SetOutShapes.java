package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.setout.Anchor;
import wildchalk.core.setout.Leg;
import wildchalk.core.setout.Measured;
import wildchalk.core.setout.Sheet;

/** A set-out sheet on the board: the walk, the number of each piece, and how the chosen ones are measured. */
public final class SetOutShapes {

    private SetOutShapes() {}

    /** @param chosen ids of the pieces whose measurements are drawn */
    public static List<Shape> of(Sheet sheet, Frame frame, Set<String> chosen) {
        List<Shape> shapes = walk(sheet, frame);
        sheet.steps().stream()
                .filter(s -> chosen.contains(s.piece().id()))
                .forEach(s -> shapes.addAll(measured(s.tape(), frame.unit())));
        for (Sheet.Step step : sheet.steps()) {
            shapes.addAll(number(step, frame));
        }
        return shapes;
    }

    /** The way from the bag round the places. */
    static List<Shape> walk(Sheet sheet, Frame frame) {
        double unit = frame.unit();
        List<Shape> shapes = new ArrayList<>();
        Vec here = sheet.bag();
        int trip = 1;
        for (Sheet.Step step : sheet.steps()) {
            if (step.trip() != trip) {
                shapes.add(stretch(here, sheet.bag(), unit));
                here = sheet.bag();
                trip = step.trip();
            }
            shapes.add(stretch(here, step.piece().at(), unit));
            here = step.piece().at();
        }
        shapes.add(new Shape.Stroke(Curve.circle(sheet.bag(), unit * 0.7), unit * 0.16, Ink.SIGNAL, List.of(), false));
        return shapes;
    }

    private static Shape stretch(Vec from, Vec to, double unit) {
        return new Shape.Stroke(Curve.line(from, to), unit * 0.12, Ink.SIGNAL, List.of(unit * 0.3, unit * 0.45), false);
    }

    private static List<Shape> number(Sheet.Step step, Frame frame) {
        Piece piece = step.piece();
        Vec at = piece.at().plus(frame.onPage(frame.unit() * 1.1, -frame.unit() * 1.15));
        return List.of(
                new Shape.Fill(Curve.circle(at, frame.unit() * 0.72), Ink.BADGE, false),
                new Shape.Label(at, Integer.toString(step.n()), frame.unit() * 0.95, Ink.BADGE_TEXT));
    }

    /** The ways that are measured: along the legs, or down both tapes. */
    private static List<Shape> measured(Measured measured, double unit) {
        List<Shape> shapes = new ArrayList<>();
        if (measured instanceof Measured.Legs legs) {
            Vec here = legs.from().at();
            shapes.add(start(legs.from(), unit));
            for (Leg leg : legs.legs()) {
                Vec next = here.plus(leg.way().step().times(leg.metres()));
                shapes.add(solid(here, next, unit));
                here = next;
            }
        } else {
            Measured.Tapes tapes = (Measured.Tapes) measured;
            for (Anchor anchor : List.of(tapes.one(), tapes.other())) {
                shapes.add(start(anchor, unit));
                shapes.add(solid(anchor.at(), tapes.result(), unit));
            }
        }
        return shapes;
    }

    private static Shape start(Anchor anchor, double unit) {
        return new Shape.Fill(Curve.circle(anchor.at(), unit * 0.4), Ink.NOTE, false);
    }

    private static Shape solid(Vec from, Vec to, double unit) {
        return new Shape.Stroke(Curve.line(from, to), unit * 0.18, Ink.NOTE, List.of(), false);
    }
}

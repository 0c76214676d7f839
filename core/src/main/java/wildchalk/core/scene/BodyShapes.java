package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.wording.Wordbook;

/**
 * Small marks for what bodies and hands do: a burst where somebody is tackled, a bar where somebody screens, a knot on
 * a line for a feint; and the letter for the hand or foot.
 */
final class BodyShapes {

    private static final Wordbook BOOK = Wordbook.beside(BodyShapes.class, "Marks");
    /** Points of a burst. */
    private static final int POINTS = 6;

    private final Board board;
    private final double unit;

    BodyShapes(Board board) {
        this.board = board;
        this.unit = board.frame().unit();
    }

    /** What marks an action besides its line; often nothing. */
    List<Shape> of(Action action, Ink ink) {
        if (action instanceof Act act) {
            return act(act, ink);
        }
        if (action instanceof Contest contest) {
            return at(contest).map(a -> List.of(burst(a, ink))).orElse(List.of());
        }
        if (action instanceof Hold hold && hold.stance() == Hold.Stance.SCREEN) {
            return screen(hold, ink);
        }
        return action instanceof Travel travel ? feints(travel, ink) : List.of();
    }

    private Optional<Vec> at(Action action) {
        return board.timeline().times(action.id()).map(ActionTimes::start).map(t -> board.pose(action.who(), t)
                .at());
    }

    private List<Shape> act(Act act, Ink ink) {
        Optional<Vec> own = at(act);
        if (own.isEmpty()) {
            return List.of();
        }
        Vec on = act.whom()
                .filter(w -> board.stage().person(w).isPresent())
                .flatMap(w -> board.timeline().times(act.id()).map(t -> board.pose(w, t.start())
                        .at()))
                .orElse(own.get());
        Vec middle = own.get().towards(on, 0.5);
        return switch (act.what()) {
            case TACKLE, CLEAR_OUT, TAKE -> List.of(burst(middle, ink));
            case TAP, TAP_STICK -> List.of(new Shape.Fill(
                    Curve.circle(own.get().plus(board.frame().onPage(unit * 0.9, -unit * 0.9)), unit * 0.26),
                    ink,
                    true));
            case WALL_UP -> List.of(bar(own.get().plus(board.frame().onPage(0, -unit * 1.7)), 0, ink));
            default -> List.of();
        };
    }

    /** A star, unfilled: two meet. */
    private Shape burst(Vec at, Ink ink) {
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i < 2 * POINTS; i++) {
            points.add(at.plus(Vec.polar(unit * (i % 2 == 0 ? 1.9 : 1.25), i * Math.PI / POINTS)));
        }
        return new Shape.Stroke(Curve.closed(points), unit * 0.16, ink, List.of(), true);
    }

    private Shape bar(Vec at, double angle, Ink ink) {
        Vec half = Vec.polar(unit * 1.2, angle);
        return new Shape.Stroke(Curve.open(List.of(at.minus(half), at.plus(half))), unit * 0.34, ink, List.of(), true);
    }

    /** A bar across the way that they face. */
    private List<Shape> screen(Hold hold, Ink ink) {
        return at(hold).flatMap(a -> board.timeline().times(hold.id()).map(t -> {
                    double facing = board.pose(hold.who(), Double.isNaN(t.end()) ? t.start() : t.end())
                            .facing();
                    Vec front = a.plus(Vec.polar(unit * 1.6, facing));
                    return List.of(bar(front, facing + Math.PI / 2, ink));
                }))
                .orElse(List.of());
    }

    /** A knot where a feint is. */
    private List<Shape> feints(Travel travel, Ink ink) {
        List<Shape> shapes = new ArrayList<>();
        for (Craft.Feint feint : travel.going().craft().feints()) {
            Route route = board.route(travel.id());
            double s = feint.share() * route.length();
            Vec across = Vec.polar(unit * 0.75, route.heading(s) + Math.PI / 2);
            Vec along = Vec.polar(unit * 0.45, route.heading(s));
            Vec at = route.at(s);
            shapes.add(new Shape.Stroke(
                    Curve.open(
                            List.of(at.minus(along).plus(across), at.plus(along).minus(across))),
                    unit * 0.2,
                    ink,
                    List.of(),
                    true));
            shapes.add(new Shape.Stroke(
                    Curve.open(List.of(
                            at.minus(along).minus(across), at.plus(along).plus(across))),
                    unit * 0.2,
                    ink,
                    List.of(),
                    true));
        }
        return shapes;
    }

    /** With which hand or foot, "L" or "R"; empty where nobody says. */
    static String limb(Action action) {
        if (action instanceof Travel travel) {
            return BOOK.say("limb." + Wordbook.key(travel.going().craft().limb()));
        }
        return action instanceof Action.Delivery d
                ? BOOK.say("limb." + Wordbook.key(d.strike().limb()))
                : "";
    }
}

package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;

/**
 * Action lines by the key: the ball (plain, nobody has it; wave, carried; dashes, it travels; heavy with a thin
 * companion, a shot), the body (wedges where it does not face the way it goes) and the end (arrow, bar, open ring).
 */
final class ActionLines {

    /** Pieces of the curl of a pivot. */
    private static final int CURL = 16;

    /** So often the heading of a line is looked at, and so much turning is going round, radians. */
    private static final int AROUND = 48;

    private static final double FULL_TURN = 1.75 * Math.PI;
    /** A line that ends so near its beginning is closed, in units. */
    private static final double CLOSED = 2.5;

    private final double unit;
    private final LineKey key;

    ActionLines(double unit, LineKey key) {
        this.unit = unit;
        this.key = key;
    }

    /** The line of an action that runs along {@code route}. */
    List<Shape> of(Action action, Stage stage, Route route) {
        double from = Math.min(unit * 1.25, route.length() * 0.3);
        boolean ontoToken = action instanceof Action.Delivery d
                && d.met().isEmpty()
                && d.to().namedPiece().flatMap(stage::person).isPresent();
        double to = route.length() - (ontoToken ? Math.min(unit * 1.35, route.length() * 0.3) : 0);
        if (to - from < unit * 0.2) {
            return List.of();
        }
        return action.match(new ActionCases<>() {
            @Override
            public List<Shape> run(Travel.Run run) {
                return ActionLines.this.run(run, stage, route, from, to);
            }

            @Override
            public List<Shape> carry(Travel.Carry carry) {
                return ActionLines.this.carry(carry, stage, route, from, to);
            }

            @Override
            public List<Shape> collect(Travel.Collect collect) {
                return body(
                        collect,
                        collect.ending() == Ending.TRAP || collect.ending() == Ending.CATCH
                                ? collect.ending()
                                : Ending.GO_ON,
                        key == LineKey.PASSES_PLAIN ? dashes() : List.of(),
                        stage,
                        route,
                        from,
                        to);
            }

            @Override
            public List<Shape> pass(Action.Pass pass) {
                return ActionLines.this.pass(route, from, to);
            }

            @Override
            public List<Shape> shot(Action.Shot shot) {
                return ActionLines.this.shot(route, from, to);
            }

            @Override
            public List<Shape> shadow(Shadow shadow) {
                // Dots: the way is somebody else's doing, and not laid down beforehand.
                return body(shadow, Ending.STOP, List.of(unit * 0.12, unit * 0.5), stage, route, from, to);
            }

            @Override
            public List<Shape> hold(Hold hold) {
                return List.of();
            }

            @Override
            public List<Shape> call(Action.Call call) {
                return List.of();
            }

            @Override
            public List<Shape> blow(Action.Blow blow) {
                return List.of();
            }

            @Override
            public List<Shape> playOn(PlayOn play) {
                return List.of();
            }

            @Override
            public List<Shape> handle(Action.Handle handle) {
                return List.of();
            }

            @Override
            public List<Shape> act(Act act) {
                return List.of();
            }

            @Override
            public List<Shape> contest(Contest contest) {
                return ActionLines.this.pass(route, from, to);
            }
        });
    }

    /** A way of the body alone. */
    private List<Shape> body(
            Action action, Ending ending, List<Double> dash, Stage stage, Route route, double from, double to) {
        Ink ink = ink(action, stage);
        List<Shape> shapes = new ArrayList<>();
        shapes.add(stroke(Curve.open(route.part(from, to)), ink, dash));
        shapes.addAll(wayRound(route, ink));
        shapes.addAll(end(ending, route, to, ink));
        return shapes;
    }

    /** Whoever goes round and ends where they began is seen to go one way round and not the other. */
    private List<Shape> wayRound(Route route, Ink ink) {
        double turned = 0;
        double before = route.heading(0);
        for (int i = 1; i <= AROUND; i++) {
            double heading = route.heading(route.length() * i / AROUND);
            turned += Math.abs(Math.IEEEremainder(heading - before, 2 * Math.PI));
            before = heading;
        }
        boolean closed = route.start().distance(route.end()) < unit * CLOSED && route.length() > unit * 3 * CLOSED;
        if (!closed && turned < FULL_TURN) {
            return List.of();
        }
        return DoubleStream.of(0.25, 0.5, 0.75)
                .map(share -> route.length() * share)
                .mapToObj(s -> stroke(Lines.arrow(route.at(s), route.heading(s), unit * 0.8), ink, List.of()))
                .toList();
    }

    private List<Shape> run(Travel.Run run, Stage stage, Route route, double from, double to) {
        Ink ink = ink(run, stage);
        List<Shape> shapes = new ArrayList<>();
        List<Double> dash = key == LineKey.PASSES_PLAIN ? dashes() : List.of();
        shapes.add(stroke(Curve.open(route.part(from, to)), ink, dash));
        if (run.gait() == Gait.BACK || run.gait() == Gait.SIDE) {
            double turned = run.gait() == Gait.BACK ? Math.PI : Math.PI / 2;
            for (double s = from + unit; s < to - unit; s += unit * 2.2) {
                shapes.add(
                        new Shape.Fill(Lines.noseMark(route.at(s), route.heading(s) + turned, unit * 0.55), ink, true));
            }
        }
        shapes.addAll(wayRound(route, ink));
        shapes.addAll(pivot(run, route, from, ink));
        shapes.addAll(end(run.ending(), route, to, ink));
        return shapes;
    }

    /** A curl beside the beginning of a path, on the side that the body turns to. */
    private List<Shape> pivot(Travel travel, Route route, double from, Ink ink) {
        if (travel.going().pivot() == Going.Pivot.NONE) {
            return List.of();
        }
        double side = travel.going().pivot() == Going.Pivot.LEFT ? -1 : 1;
        double heading = route.heading(from);
        double radius = unit * 0.62;
        Vec centre = route.at(from).plus(Vec.polar(unit * 1.15, heading + side * Math.PI / 2));
        List<Vec> curl = new ArrayList<>();
        for (int i = 0; i <= CURL; i++) {
            curl.add(centre.plus(Vec.polar(radius, heading + side * (0.25 + 1.5 * i / CURL) * Math.PI)));
        }
        Vec end = curl.get(CURL);
        return List.of(
                stroke(Curve.open(curl), ink, List.of()),
                stroke(Lines.arrow(end, heading + side * (1.75 + 0.5) * Math.PI, unit * 0.5), ink, List.of()));
    }

    private List<Shape> carry(Travel.Carry carry, Stage stage, Route route, double from, double to) {
        Ink ink = ink(carry, stage);
        double plain = Math.min(unit * 1.1, (to - from) / 4);
        List<Shape> shapes = new ArrayList<>();
        shapes.add(stroke(Lines.wave(route, from, to - plain, unit * 0.36, unit * 2.1), ink, List.of()));
        shapes.add(stroke(Curve.open(route.part(to - plain, to)), ink, List.of()));
        shapes.addAll(wayRound(route, ink));
        shapes.addAll(pivot(carry, route, from, ink));
        shapes.addAll(end(carry.ending(), route, to, ink));
        return shapes;
    }

    private List<Shape> pass(Route route, double from, double to) {
        List<Double> dash = key == LineKey.PASSES_PLAIN ? List.of() : dashes();
        return List.of(
                stroke(Curve.open(route.part(from, to)), Ink.CHALK, dash),
                stroke(Lines.arrow(route.at(to), route.heading(to), unit * 0.95), Ink.CHALK, List.of()));
    }

    private List<Shape> shot(Route route, double from, double to) {
        return List.of(
                new Shape.Stroke(Curve.open(route.part(from, to)), unit * 0.38, Ink.SHOT, List.of(), true),
                new Shape.Stroke(
                        Lines.beside(route, from, to - unit * 0.9, unit * 0.5), unit * 0.12, Ink.SHOT, List.of(), true),
                new Shape.Stroke(
                        Lines.arrow(route.at(to), route.heading(to), unit * 1.2),
                        unit * 0.3,
                        Ink.SHOT,
                        List.of(),
                        true));
    }

    private List<Shape> end(Ending ending, Route route, double to, Ink ink) {
        double heading = route.heading(to);
        return switch (ending) {
            case GO_ON -> List.of(stroke(Lines.arrow(route.at(to), heading, unit * 0.95), ink, List.of()));
            case STOP -> List.of(stroke(Lines.bar(route.at(to), heading, unit * 1.5), ink, List.of()));
            case WAIT -> List.of(stroke(Curve.circle(route.at(to), unit * 0.5), ink, List.of()));
                // One bar for each foot.
            case JUMP_STOP -> List.of(
                    stroke(Lines.bar(route.at(to), heading, unit * 1.5), ink, List.of()),
                    stroke(Lines.bar(route.at(Math.max(0, to - unit * 0.5)), heading, unit * 1.5), ink, List.of()));
                // A bar, and the ball that is stopped before it.
            case TRAP -> List.of(
                    stroke(Lines.bar(route.at(to), heading, unit * 1.5), ink, List.of()),
                    new Shape.Fill(Curve.circle(route.at(Math.max(0, to - unit * 0.7)), unit * 0.3), ink, true));
                // Two hands round the place.
            case CATCH -> List.of(
                    stroke(Lines.arrow(route.at(to), heading, unit * 0.95), ink, List.of()),
                    stroke(Curve.circle(route.at(to), unit * 0.7), ink, List.of(unit * 0.7, unit * 0.4)));
            case TOUCH -> List.of(
                    stroke(Lines.arrow(route.at(to), heading, unit * 0.95), ink, List.of()),
                    new Shape.Fill(Curve.circle(route.at(to), unit * 0.3), ink, true));
        };
    }

    private Shape stroke(Curve curve, Ink ink, List<Double> dash) {
        return new Shape.Stroke(curve, unit * 0.22, ink, dash, true);
    }

    private List<Double> dashes() {
        return List.of(unit * 0.6, unit * 0.55);
    }

    private static Ink ink(Action action, Stage stage) {
        return Ink.lineOf(stage.person(action.who()).map(Piece.Person::bib).orElse(Bib.CHALK));
    }
}

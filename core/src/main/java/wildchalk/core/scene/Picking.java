package wildchalk.core.scene;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Timeline;

/** Finds what is under the pointer: people first, then balls and gear, then the ends of lines, then lines. */
public final class Picking {

    private final Stage stage;
    private final Timeline timeline;
    private final Board board;

    /** What can be met on a board. */
    public Picking(Stage stage, Timeline timeline, Board board) {
        this.stage = stage;
        this.timeline = timeline;
        this.board = board;
    }

    /** The person whose token is at {@code p} at a time. */
    public Optional<Piece.Person> person(Vec p, double t) {
        return nearest(
                stage.people(), x -> timeline.at(x.id(), t), p, board.frame().unit() * 1.3);
    }

    /** The ball at a place, metres, at a time, seconds; empty when none is near enough for a hand. */
    public Optional<Piece.Ball> ball(Vec p, double t) {
        return nearest(
                stage.balls(),
                x -> board.ballOnPicture(x.id(), t),
                p,
                board.frame().unit() * 0.7);
    }

    /** The gear, note or tape at {@code p}; an area by its edge or its number. */
    public Optional<Piece> gear(Vec p) {
        List<Piece> gear = stage.pieces().stream()
                .filter(x -> !(x instanceof Piece.Ball) && !(x instanceof Piece.Person))
                .toList();
        Optional<Piece> found = nearest(
                gear.stream().filter(x -> !(x instanceof Piece.Area)).toList(),
                x -> nearestPart(x, p),
                p,
                board.frame().unit() * 1.2);
        return found.or(() ->
                        nearest(gear, x -> nearestPart(x, p), p, board.frame().unit() * 0.9))
                .or(() -> stage.stations().stream()
                        .filter(s -> new AreaShapes(board.frame()).number(s).distance(p)
                                <= board.frame().unit() * 1.3)
                        .map(s -> (Piece) s)
                        .findFirst());
    }

    /**
     * The place of a piece that is nearest to {@code p}: anywhere inside it, along a tape, or on the edge of an area.
     */
    private static Vec nearestPart(Piece piece, Vec p) {
        if (piece instanceof Piece.Tape tape) {
            Vec best = tape.at();
            for (int i = 0; i + 1 < tape.points().size(); i++) {
                Vec on = p.nearestOnStretch(tape.points().get(i), tape.points().get(i + 1));
                best = on.distance(p) < best.distance(p) ? on : best;
            }
            return best;
        }
        if (piece instanceof Piece.Area area) {
            return Polygon.nearest(area.outline().at(area.at()), p);
        }
        if (piece instanceof Piece.Item item) {
            Vec from = p.minus(item.at()).rotated(-item.facing());
            Vec in = Box.around(Vec.ZERO, item.depth(), item.width()).clamp(from);
            return item.at().plus(in.rotated(item.facing()));
        }
        return piece.at();
    }

    /** The travel whose line ends at {@code p}, a person's last before others: a stroke from there goes on from it. */
    public Optional<Action> pathEnd(Vec p) {
        List<Action> travels =
                stage.actions().stream().filter(Travel.class::isInstance).toList();
        double reach = board.frame().unit() * 1.1;
        Function<Action, Vec> end = a -> board.route(a.id()).end();
        return nearest(travels.stream().filter(this::isLast).toList(), end, p, reach)
                .or(() -> nearest(travels, end, p, reach));
    }

    /** Whether nothing follows an action. */
    public boolean isLast(Action action) {
        List<Action> own = stage.actionsOf(action.who());
        return own.indexOf(action) == own.size() - 1;
    }

    /** Whether the line of an action runs at a place, whatever else does. */
    public boolean isOn(Action action, Vec p) {
        return board.route(action.id()).distanceTo(p) <= board.frame().unit() * 0.7;
    }

    /** The action whose line runs at a place, metres; empty when none is near enough for a hand. */
    public Optional<Action> line(Vec p) {
        return stage.actions().stream()
                .filter(a -> board.route(a.id()).distanceTo(p) <= board.frame().unit() * 0.7)
                .min(Comparator.comparingDouble(a -> board.route(a.id()).distanceTo(p)));
    }

    private static <T> Optional<T> nearest(List<T> things, Function<T, Vec> place, Vec p, double reach) {
        return things.stream()
                .filter(x -> place.apply(x).distance(p) <= reach)
                .min(Comparator.comparingDouble(x -> place.apply(x).distance(p)));
    }
}

package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Route;

/** What stands still on a board, without what is written on it: areas, gear, those who wait, lines. */
final class ChalkShapes {

    /** How broad the lines of options are that are not taken, as a share of others. */
    private static final double OF_OPTIONS = 0.75;

    private final Board board;
    private final Stage stage;
    private final Frame frame;
    private final Tokens tokens;
    private final AreaShapes areas;
    private final PlayShapes plays;
    private final StandingShapes standing;
    private final ActionLines lines;

    ChalkShapes(
            Board board,
            Tokens tokens,
            AreaShapes areas,
            PlayShapes plays,
            StandingShapes standing,
            ActionLines lines) {
        this.plays = plays;
        this.board = board;
        this.stage = board.stage();
        this.frame = board.frame();
        this.tokens = tokens;
        this.areas = areas;
        this.standing = standing;
        this.lines = lines;
    }

    /** What belongs to the pieces and actions that are wanted, by id. */
    List<Shape> of(Set<String> chosen, Predicate<String> wanted) {
        List<Shape> shapes = new ArrayList<>(areas(chosen, wanted));
        shapes.addAll(ghosts(wanted));
        for (Piece piece : stage.pieces()) {
            if (wanted.test(piece.id()) && !(piece instanceof Piece.Area)) {
                if (chosen.contains(piece.id()) && !(piece instanceof Piece.Ball) && !(piece instanceof Piece.Person)) {
                    shapes.add(tokens.chosen(piece.at()));
                }
                shapes.addAll(standing(piece));
            }
        }
        for (Action action : stage.actions()) {
            if (wanted.test(action.id())) {
                shapes.addAll(line(action, chosen));
            }
        }
        stage.instructions(Game.Code.class).stream()
                .filter(c -> wanted.test(c.id()))
                .forEach(c -> shapes.addAll(plays.of(c)));
        return shapes;
    }

    /** Marked areas lie under everything that stands in them. */
    private List<Shape> areas(Set<String> chosen, Predicate<String> wanted) {
        List<Shape> shapes = new ArrayList<>();
        for (Piece.Area area : stage.areas()) {
            if (wanted.test(area.id())) {
                if (chosen.contains(area.id())) {
                    shapes.add(areas.chosen(area));
                }
                shapes.addAll(areas.of(area));
            }
        }
        if (stage.stations().stream().allMatch(s -> wanted.test(s.id()))) {
            shapes.addAll(areas.movingOn(stage));
        }
        return shapes;
    }

    List<Shape> standing(Piece piece) {
        return piece.match(standing);
    }

    List<Shape> line(Action action, Set<String> chosen) {
        List<Shape> shapes = new ArrayList<>();
        if (action instanceof PlayOn play) {
            if (chosen.contains(action.id())) {
                shapes.add(plays.glow(play));
            }
            shapes.addAll(plays.of(play));
            return board.isLeftOut(action.id()) ? Shape.faint(shapes) : shapes;
        }
        Route route = board.route(action.id());
        if (chosen.contains(action.id())) {
            shapes.add(glow(route));
            shapes.add(new Shape.Fill(Curve.circle(route.end(), frame.unit() * 0.4), Ink.SIGNAL, false));
        }
        List<Shape> line = new ArrayList<>(lines.of(action, stage, route));
        line.addAll(new BodyShapes(board)
                .of(
                        action,
                        Ink.lineOf(stage.person(action.who())
                                .map(Piece.Person::bib)
                                .orElse(Bib.CHALK))));
        Optional<OptionMark> mark = board.option(action.id());
        if (mark.isPresent() && board.isLeftOut(action.id())) {
            Ink ink = Ink.option(mark.get().tone());
            line.forEach(s -> shapes.add(s.inked(ink, OF_OPTIONS)));
            return shapes;
        }
        shapes.addAll(line);
        return board.isLeftOut(action.id()) ? Shape.faint(shapes) : shapes;
    }

    /** What shows under an action while it is under way. */
    Shape glow(Action action) {
        return action instanceof PlayOn play ? plays.glow(play) : glow(board.route(action.id()));
    }

    private Shape glow(Route route) {
        return new Shape.Stroke(Curve.open(route.points()), frame.unit() * 1.3, Ink.GLOW, List.of(), false);
    }

    /** Where those who leave it began. */
    private List<Shape> ghosts(Predicate<String> wanted) {
        return !board.aids().ghost()
                ? List.of()
                : stage.people().stream()
                        .filter(p -> wanted.test(p.id()) && isLeft(p))
                        .flatMap(p -> tokens.ghost(p, board.pose(p.id(), 0)).stream())
                        .toList();
    }

    private boolean isLeft(Piece.Person person) {
        double end = board.timeline().duration();
        return board.pose(person.id(), 0)
                                .at()
                                .distance(board.pose(person.id(), end).at())
                        > frame.unit() / 2
                || stage.actionsOf(person.id()).stream().anyMatch(Travel.class::isInstance);
    }
}

package wildchalk.desktop.board.canvas;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import javafx.application.ConditionalFeature;
import javafx.application.Platform;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Posture;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.board.state.BoardModel;
import wildchalk.desktop.board.state.Lights;
import wildchalk.desktop.board.state.Shown;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/**
 * People, balls and the gear that they put down, each on a small canvas of their own that is moved about: playing then
 * repaints only the few dots round each of them, and a token is painted anew only when it turns or lights up.
 */
final class LivePane extends Pane {

    /** Half the side of a canvas, in token radii: room for the token, its nose and what marks it. */
    private static final double REACH = 2.2;
    /** Turns smaller than this are not painted, in radians. */
    private static final double TURN = 0.06;

    private static final boolean BETWEEN_PIXELS = Platform.isSupported(ConditionalFeature.SCENE3D);

    /** What a canvas shows; painted anew when it changes. */
    private record Shown(
            long facing,
            Posture posture,
            boolean lit,
            boolean chosen,
            double scaleAndTurn,
            Look look,
            boolean inHeap,
            Piece piece) {}

    private final BoardModel model;
    private final ObservableValue<Set<String>> selected;
    private final Map<String, Canvas> canvases = new HashMap<>();
    private final Map<String, Shown> shown = new HashMap<>();
    private List<Piece> pieces = List.of();
    private Predicate<Piece> shownOnly = p -> true;

    /** @param selected ids of what is marked as chosen */
    LivePane(BoardModel model, ObservableValue<Set<String>> selected) {
        this.model = model;
        this.selected = selected;
        setMouseTransparent(true);
        setManaged(false);
    }

    /** Leaves out what is shown elsewhere, from the next time on. */
    void showOnly(Predicate<Piece> those) {
        shownOnly = those;
    }

    /** Shows everybody as they are at the moment that is looked at. */
    void show(ScreenMap map) {
        List<Piece> wanted = new ArrayList<>(model.shown().board().people());
        wanted.addAll(model.shown().board().gearInPlay());
        wanted.addAll(model.shown().board().balls());
        wanted.removeIf(shownOnly.negate());
        if (!wanted.equals(pieces)) {
            pieces = wanted;
            canvases.keySet().retainAll(wanted.stream().map(Piece::id).toList());
            getChildren()
                    .setAll(wanted.stream()
                            .map(p -> canvases.computeIfAbsent(p.id(), LivePane::token))
                            .toList());
        }
        Set<String> lit = Lights.of(model);
        Set<String> chosen = selected.getValue();
        double t = model.head().atProperty().get();
        Optional<String> followed = model.focus().followedProperty().get();
        for (Piece piece : pieces) {
            show(piece, t, lit, chosen, map);
            boolean aside =
                    followed.isPresent() && !piece.id().equals(followed.get()) && !(piece instanceof Piece.Ball);
            canvases.get(piece.id()).setOpacity(aside ? Shape.Faint.COVER : 1);
        }
    }

    private static Canvas token(String id) {
        Canvas canvas = new Canvas();
        canvas.setId("token-" + id);
        return canvas;
    }

    private void show(Piece piece, double t, Set<String> lit, Set<String> chosen, ScreenMap map) {
        Board board = model.shown().board();
        boolean person = piece instanceof Piece.Person;
        boolean inHeap = piece instanceof Piece.Ball b && board.isInHeap(b, t);
        Vec at;
        if (person) {
            at = board.pose(piece.id(), t).at();
        } else if (piece instanceof Piece.Item) {
            at = board.gearOnPicture(piece.id(), t);
        } else {
            at = board.ballOnPicture(piece.id(), t);
        }
        double facing = person ? board.pose(piece.id(), t).facing() : 0;
        Canvas canvas = canvases.get(piece.id());
        double side = Math.ceil(2 * REACH * board.frame().unit() * map.scale());
        Shown now = new Shown(
                Math.round(facing / TURN),
                person ? board.posture(piece.id(), t) : Posture.UP,
                lit.contains(piece.id()),
                chosen.contains(piece.id()),
                map.scale() + map.attack().ordinal() * 1e6,
                model.viewing().lookProperty().get(),
                inHeap,
                piece.movedTo(Vec.ZERO));
        if (!now.equals(shown.put(piece.id(), now)) || canvas.getWidth() != side) {
            canvas.setWidth(side);
            canvas.setHeight(side);
            ScreenBrush brush = new ScreenBrush(canvas, now.look(), map.around(at, side, side));
            brush.clear();
            brush.paint(shapes(board, piece, t, lit, chosen));
        }
        double x = map.x(at) - side / 2;
        double y = map.y(at) - side / 2;
        // On whole pixels type is sharp; between them movement is smooth, but costs too much without a graphics card.
        boolean moving = BETWEEN_PIXELS && model.head().playingProperty().get();
        canvas.setTranslateX(moving ? x : Math.round(x));
        canvas.setTranslateY(moving ? y : Math.round(y));
    }

    private static List<Shape> shapes(Board board, Piece piece, double t, Set<String> lit, Set<String> chosen) {
        if (piece instanceof Piece.Person person) {
            return board.person(person, t, lit, chosen);
        }
        return piece instanceof Piece.Item item
                ? board.gear(item, t, chosen)
                : board.ball((Piece.Ball) piece, t, chosen);
    }
}

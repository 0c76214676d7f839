package wildchalk.desktop.board.canvas;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.BoundingBox;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import wildchalk.core.ask.Answer;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenMap;

/** The corner of the board in which one card lies at a time, out of the way of what it is about. */
final class CardCorner {

    private static final double MARGIN = 10;
    /** Under the chips in the upper corner. */
    private static final double TOP = 42;
    /** Round what a card is about, so that no token is cut, pixels. */
    private static final double ROUND = 22;

    private final BoardState state;
    private final Region board;
    private final List<Node> children;
    private Region card;
    private Region usual;
    private Region special;

    /** @param children of the board */
    CardCorner(Region board, List<Node> children, BoardState state) {
        this.state = state;
        this.board = board;
        this.children = children;
    }

    void showUsual(Region wanted) {
        usual = wanted;
        show();
    }

    void showSpecial(Region wanted) {
        special = wanted;
        show();
    }

    private void show() {
        Region wanted = special != null ? special : usual;
        if (wanted == card) {
            return;
        }
        // Whoever pressed a button of a card that goes is on the board again, not on whatever comes next in the window.
        if (card != null
                && board.getScene() != null
                && isInCard(board.getScene().getFocusOwner())) {
            board.requestFocus();
        }
        children.remove(card);
        card = wanted;
        if (card != null) {
            children.add(card);
        }
        board.requestLayout();
    }

    private boolean isInCard(Node node) {
        Node at = node;
        while (at != null && at != card) {
            at = at.getParent();
        }
        return at != null;
    }

    void hide(boolean hidden) {
        if (card != null) {
            card.setVisible(!hidden);
        }
    }

    /** Nothing lies on a card. */
    void toFront() {
        if (card != null) {
            card.toFront();
        }
    }

    void fold() {
        if (card instanceof FoldingCard folding) {
            folding.fold();
        }
    }

    /**
     * Lays it into the corner of a board so large in which it hides the least of what it is about: the lower left one
     * unless that is there.
     *
     * @param map from metres to pixels
     */
    void layout(double width, double height, ScreenMap map) {
        if (card != null) {
            List<Point2D> about = about(map);
            card.setMaxWidth(width - 2 * MARGIN);
            double wide = Math.min(card.prefWidth(-1), width - 2 * MARGIN);
            double tall = card.prefHeight(wide);
            double right = width - wide - MARGIN;
            double low = height - tall - MARGIN;
            BoundingBox best = null;
            long least = Long.MAX_VALUE;
            for (double y : new double[] {low, Math.min(low, TOP)}) {
                for (double x : new double[] {MARGIN, right}) {
                    long hidden = hidden(x, y, wide, tall, about);
                    if (hidden < least) {
                        least = hidden;
                        best = new BoundingBox(x, y, wide, tall);
                    }
                }
            }
            card.resizeRelocate(best.getMinX(), best.getMinY(), wide, tall);
        }
    }

    private static long hidden(double x, double y, double wide, double tall, List<Point2D> about) {
        BoundingBox box = new BoundingBox(x - ROUND, y - ROUND, wide + 2 * ROUND, tall + 2 * ROUND);
        return about.stream().filter(box::contains).count();
    }

    /** Where that is what a card is about: what is chosen, the ends of a line, and what a question is about. */
    private List<Point2D> about(ScreenMap map) {
        double t = state.head().atProperty().get();
        Stream<Vec> chosen = state.selection().chosenProperty().get().stream().flatMap(id -> places(id, t));
        Stream<Vec> asked = state.focus().freeze(state.stage()).stream()
                .flatMap(f -> Answer.matters(f, state.stage(), state.timeline(), state.surface()).stream())
                .flatMap(id -> places(id, t));
        // A question may be about anybody; the card of what is chosen stays where it was.
        Stream<Vec> everybody = special == null
                ? Stream.empty()
                : state.stage().people().stream().flatMap(p -> places(p.id(), t));
        return Stream.of(chosen, asked, everybody, many())
                .flatMap(s -> s)
                .map(at -> new Point2D(map.x(at), map.y(at)))
                .toList();
    }

    /** Where everybody stands at the start of many reps, while they are looked at. */
    private Stream<Vec> many() {
        return state.many().shownProperty().get()
                ? state.many().replay().stream()
                        .flatMap(r -> r.letters().stream().map(l -> r.at(l, 0).at()))
                : Stream.empty();
    }

    private Stream<Vec> places(String id, double t) {
        if (state.stage().person(id).isPresent()) {
            return Stream.of(state.board().pose(id, t).at());
        }
        return Stream.concat(
                state.stage().piece(id).map(Piece::at).stream(),
                state.stage().action(id).stream().flatMap(a -> {
                    Route route = state.board().route(a.id());
                    return Stream.of(route.at(0), route.at(route.length() / 2), route.end());
                }));
    }
}

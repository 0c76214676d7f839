package wildchalk.desktop.board;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import wildchalk.desktop.board.ladder.LadderPane;
import wildchalk.desktop.board.sheet.CallSheet;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.strip.Strips;
import wildchalk.desktop.keeping.Room;

/** Shares the window out: the board has what the words, the strip and the ladder do not need. */
final class BoardRoom {

    private static final double USUAL_WORDS = 0.181;
    private static final double NARROWEST_WORDS = 190;
    private static final double USUALLY_NARROWEST = 232;
    private static final double USUALLY_WIDEST = 296;
    /** Shares of the window that words and strip have at most. */
    private static final double MOST_WORDS = 0.4;

    private static final double MOST_STRIP = 0.33;
    private static final double LOWEST_STRIP = 60;
    private static final double EDGE = 5;

    private final BoardState state;
    private final BorderPane view;
    private final CallSheet words;
    private final Strips strip;
    private final LadderPane ladder;
    private final Node tray;
    private final Node controls;
    private final Region wordsEdge = edge(Cursor.H_RESIZE, "words-edge");
    private final Region stripEdge = edge(Cursor.V_RESIZE, "strip-edge");

    /** @param bars the tray and what is played with: hidden when the board has all of the window */
    BoardRoom(BoardState state, BorderPane view, CallSheet words, Strips strip, LadderPane ladder, List<Node> bars) {
        this.state = state;
        this.view = view;
        this.words = words;
        this.strip = strip;
        this.ladder = ladder;
        this.tray = bars.get(0);
        this.controls = bars.get(1);
        pulls(wordsEdge, e -> room().withWords(e.getSceneX()), room -> room.withWords(Double.NaN));
        pulls(
                stripEdge,
                e -> room().withStrip(strip.localToScene(0, strip.getHeight()).getY() - e.getSceneY()),
                room -> room.withStrip(Double.NaN));
        state.viewing().roomProperty().addListener(o -> share());
        state.viewing().aloneProperty().addListener(o -> share());
        state.many().shownProperty().addListener(o -> share());
        view.widthProperty().addListener(o -> share());
        view.heightProperty().addListener(o -> share());
        strip.neededProperty().addListener(o -> share());
        share();
    }

    /** Between the words and the board: dragged, the words are wider or narrower. */
    Node wordsEdge() {
        return wordsEdge;
    }

    /** Above the strip. */
    Node stripEdge() {
        return stripEdge;
    }

    private Room room() {
        return state.viewing().roomProperty().get();
    }

    private static Region edge(Cursor cursor, String id) {
        Region edge = new Region();
        edge.setId(id);
        edge.getStyleClass().add("edge");
        edge.setCursor(cursor);
        edge.setMinSize(EDGE, EDGE);
        return edge;
    }

    private void pulls(Region edge, Function<MouseEvent, Room> pulled, UnaryOperator<Room> usual) {
        edge.setOnMouseDragged(e -> {
            state.viewing().roomProperty().set(pulled.apply(e));
            e.consume();
        });
        edge.setOnMouseReleased(e -> state.viewing().settleRoom());
        edge.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                state.viewing().roomProperty().set(usual.apply(room()));
                state.viewing().settleRoom();
            }
        });
    }

    private void share() {
        boolean alone = state.viewing().aloneProperty().get();
        Map<Room.Part, List<Node>> parts = Map.of(
                Room.Part.WORDS, List.of(words, wordsEdge),
                Room.Part.STRIP, List.of(strip, stripEdge),
                Room.Part.LADDER, List.of(ladder));
        parts.forEach((part, nodes) -> nodes.forEach(n -> show(n, room().shown().contains(part) && !alone)));
        // Nothing is put down while many reps are looked at.
        show(tray, !alone && !state.many().shownProperty().get());
        show(controls, !alone);
        double wide = view.getWidth();
        double usual = within(USUALLY_NARROWEST, USUAL_WORDS * wide, USUALLY_WIDEST);
        double width = Double.isNaN(room().words()) ? usual : room().words();
        words.setPrefWidth(within(NARROWEST_WORDS, width, Math.max(NARROWEST_WORDS, MOST_WORDS * wide)));
        double most = Math.max(LOWEST_STRIP, MOST_STRIP * view.getHeight());
        double height = Double.isNaN(room().strip()) ? strip.neededProperty().get() : room().strip();
        strip.setPrefHeight(within(LOWEST_STRIP, height, most));
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private static double within(double least, double value, double most) {
        return Math.max(least, Math.min(most, value));
    }
}

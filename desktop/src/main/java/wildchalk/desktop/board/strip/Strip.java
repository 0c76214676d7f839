package wildchalk.desktop.board.strip;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.BoardVoice;
import wildchalk.desktop.board.state.Lights;
import wildchalk.desktop.control.Badge;
import wildchalk.desktop.control.LiveScroll;

/**
 * The reaction strip: a row for each person, a block for each action, threads from what happens to what it sets off.
 */
public final class Strip extends StackPane {

    private static final double ROW = StripMap.ROW;

    /** Room for so many is there from the start: the board is not to change its size with every new line. */
    private static final int USUAL_ROWS = 5;

    private final ReadOnlyDoubleWrapper needed = new ReadOnlyDoubleWrapper(90);
    private final BoardState state;
    private final Canvas canvas = new Canvas();
    private final Map<String, Canvas> bright = new HashMap<>();
    private final Pane content = new Pane(canvas);
    private final Line playhead = new Line();
    private final Polygon handle = new Polygon(-6, 0, 6, 0, 0, 9);
    private final StripMap map;
    private final StripBrush brush;
    private final StripHand hand;
    private Set<String> litShown = Set.of();
    private List<Piece.Person> named;

    public Strip(BoardState state) {
        this.state = state;
        map = new StripMap(state, content::getWidth);
        brush = new StripBrush(state, map);
        hand = new StripHand(state, map, content);
        setId("strip");
        getStyleClass().add("strip");
        LiveScroll scroll = new LiveScroll();
        scroll.setContent(content);
        Pane over = new Pane(playhead, handle);
        over.setMouseTransparent(true);
        playhead.endYProperty()
                .bind(Bindings.min(heightProperty(), content.heightProperty()).subtract(6));
        getChildren().addAll(scroll, over);
        content.getStyleClass().add("strip-content");
        playhead.getStyleClass().add("playhead");
        handle.getStyleClass().add("playhead-handle");
        playhead.setStartY(6);
        content.widthProperty().addListener(o -> rebuild());
        state.changesProperty().addListener(o -> rebuild());
        state.selection().chosenProperty().addListener(o -> paint());
        state.head().atProperty().addListener(o -> moved());
        state.focus().pointedAtProperty().addListener(o -> moved());
        rebuild();
    }

    /** How high it would be with all its rows in sight, pixels. */
    public ReadOnlyDoubleProperty neededProperty() {
        return needed;
    }

    private void rebuild() {
        List<Piece.Person> actors = map.layOut();
        if (!actors.equals(named)) {
            named = actors;
            content.getChildren().setAll(canvas);
            for (Piece.Person person : actors) {
                Label badge = Badge.of(person, 21);
                badge.relocate(StripMap.LEFT - 38, map.rowTop(person.id()) + 2);
                content.getChildren().add(badge);
            }
            content.getChildren().addAll(hand.shown());
        }
        content.setAccessibleText(new BoardVoice(state).strip());
        double height = StripMap.TOP + ROW * actors.size() + 2;
        content.setMinHeight(height);
        needed.set(StripMap.TOP + ROW * Math.max(USUAL_ROWS, actors.size()) + 2);
        canvas.setWidth(Math.max(1, content.getWidth()));
        canvas.setHeight(height);
        paint();
        moved();
    }

    private void moved() {
        double x = map.x(state.head().atProperty().get());
        playhead.setStartX(x);
        playhead.setEndX(x);
        handle.relocate(x - 6, 0);
        if (!litShown.equals(Lights.of(state.model()))) {
            changeLit();
        }
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        brush.grid(g);
        state.stage().actions().forEach(a -> brush.block(g, a, false));
        state.stage().actions().forEach(a -> brush.thread(g, a));
        Reads.of(state.stage()).forEach(r -> brush.fork(g, r));
        state.stage().instructions(Instruction.Freeze.class).forEach(f -> brush.freeze(g, f));
        forgetLit();
    }

    /**
     * Shows the blocks under way in full colour, each on a canvas of its own over the others: while the board plays
     * only what lights up or goes out is painted.
     */
    private void changeLit() {
        litShown = Lights.of(state.model());
        bright.forEach((id, canvas) -> canvas.setVisible(litShown.contains(id)));
        state.stage().actions().stream()
                .filter(a -> litShown.contains(a.id()) && !bright.containsKey(a.id()))
                .forEach(this::light);
    }

    private void light(Action action) {
        state.timeline().times(action.id()).ifPresent(t -> {
            double left = Math.floor(map.x(t.start())) - 2;
            double width = Math.ceil(Math.max(map.x(t.end()) - map.x(t.start()) + 6, brush.room(action, t))) + 2;
            Canvas canvas = new Canvas(width, ROW);
            canvas.relocate(left, map.rowTop(action));
            canvas.setManaged(false);
            GraphicsContext g = canvas.getGraphicsContext2D();
            g.translate(-left, -map.rowTop(action));
            brush.block(g, action, true);
            brush.thread(g, action);
            bright.put(action.id(), canvas);
            content.getChildren().add(canvas);
        });
    }

    private void forgetLit() {
        content.getChildren().removeAll(bright.values());
        bright.clear();
        changeLit();
    }
}

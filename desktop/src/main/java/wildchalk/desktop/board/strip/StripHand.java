package wildchalk.desktop.board.strip;

import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.otherwise.Retiming;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.desktop.board.state.BoardState;

/**
 * The mouse on the reaction strip. A block that is dragged in its row waits longer or less long; dragged to an edge of
 * a block in another row, it waits for that. Beside the blocks the play head is dragged.
 */
final class StripHand {

    private static final double CLICK = 4;
    /** How near an edge must be to be meant, pixels. */
    private static final double REACH = 16;
    /** Blocks are at least as wide as this for the hand. */
    private static final double WIDEST_CLICK = 40;

    private final BoardState state;
    private final StripMap map;
    private final Label words = new Label();
    private final Region outline = new Region();
    private Action held;
    private double pressedX;
    private double grabbed;
    private Cue wanted;

    /** @param content where the blocks are; what is dragged is shown on it */
    StripHand(BoardState state, StripMap map, Pane content) {
        this.state = state;
        this.map = map;
        words.setId("strip-words");
        words.getStyleClass().add("stroke-tag");
        outline.getStyleClass().add("strip-outline");
        for (Region shown : new Region[] {words, outline}) {
            shown.setManaged(false);
            shown.setMouseTransparent(true);
            shown.setVisible(false);
        }
        state.model().draftProperty().addListener(o -> showOutline());
        content.setOnMousePressed(this::press);
        content.setOnMouseDragged(this::drag);
        content.setOnMouseReleased(e -> release());
        content.setOnMouseMoved(
                e -> content.setCursor(blockAt(e.getX(), e.getY()).isPresent() ? Cursor.OPEN_HAND : null));
    }

    /** What is shown while a block is dragged, to lie over the blocks. */
    Region[] shown() {
        return new Region[] {outline, words};
    }

    private Optional<Action> blockAt(double x, double y) {
        return state.stage().actions().stream()
                .filter(a -> y >= map.rowTop(a) && y < map.rowTop(a) + StripMap.ROW)
                .filter(a -> state.timeline()
                        .times(a.id())
                        .filter(t ->
                                x >= map.x(t.start()) && x <= Math.max(map.x(t.end()), map.x(t.start()) + WIDEST_CLICK))
                        .isPresent())
                .reduce((a, b) -> b);
    }

    private void press(MouseEvent e) {
        state.head().playingProperty().set(false);
        pressedX = e.getX();
        wanted = null;
        held = blockAt(e.getX(), e.getY()).orElse(null);
        if (held == null) {
            scrub(e.getX());
        } else {
            grabbed = map.seconds(e.getX() - StripMap.LEFT) - start(held);
            state.selection().choose(held.id());
        }
    }

    private void drag(MouseEvent e) {
        if (held == null) {
            scrub(e.getX());
        } else if (wanted != null || Math.abs(e.getX() - pressedX) > CLICK) {
            double start = map.seconds(e.getX() - StripMap.LEFT) - grabbed;
            wanted = Retiming.pulled(
                    held, state.stage(), state.timeline(), map.rowAt(e.getY()), start, map.seconds(REACH));
            show(e.getX(), e.getY());
        }
    }

    /** The block where it would begin, and in words what it would wait for. */
    private void show(double x, double y) {
        state.preview(ActionEdits.cue(state.rung(), held, wanted));
        Action tied = held.withCue(wanted);
        words.setText(ScriptWriter.cue(state.stage().withAction(tied), state.timeline(), state.surface(), tied));
        words.setVisible(true);
        words.autosize();
        words.relocate(x + CLICK * 3, Math.max(0, y - words.getHeight() - CLICK));
        outline.toFront();
        words.toFront();
    }

    private void showOutline() {
        Optional<ActionTimes> then =
                held == null || state.model().draftProperty().get() == null
                        ? Optional.empty()
                        : state.shown().timeline().times(held.id());
        outline.setVisible(then.isPresent());
        then.ifPresent(t -> outline.resizeRelocate(
                map.x(t.start()),
                map.rowTop(held) + 2,
                Math.max(6, map.x(t.end()) - map.x(t.start())),
                StripMap.ROW - 4));
    }

    private void release() {
        words.setVisible(false);
        if (held != null && wanted != null) {
            state.putBack();
            if (!wanted.equals(held.cue())) {
                state.apply(ActionEdits.cue(state.rung(), held, wanted));
                state.selection().choose(held.id());
            }
        }
        held = null;
    }

    private double start(Action action) {
        return state.timeline().times(action.id()).map(ActionTimes::start).orElse(0.0);
    }

    private void scrub(double x) {
        double t = map.seconds(x - StripMap.LEFT);
        state.head().atProperty().set(Math.max(0, Math.min(state.timeline().duration(), t)));
    }
}

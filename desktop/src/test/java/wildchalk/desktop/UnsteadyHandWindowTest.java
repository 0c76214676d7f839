package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.soundness.Soundness;
import wildchalk.desktop.board.state.Tool;

/**
 * Whatever the mouse and the keys do to the board in whatever order, nothing is left half done when the hand is off it.
 */
class UnsteadyHandWindowTest extends RealWindow {

    private static final int TRIES = 60;
    private static final int EVENTS = 40;
    private static final List<KeyCode> KEYS = List.of(
            KeyCode.ESCAPE,
            KeyCode.ENTER,
            KeyCode.DELETE,
            KeyCode.R,
            KeyCode.C,
            KeyCode.P,
            KeyCode.T,
            KeyCode.M,
            KeyCode.W,
            KeyCode.X,
            KeyCode.V,
            KeyCode.DIGIT5,
            KeyCode.SPACE,
            KeyCode.TAB,
            KeyCode.LEFT);

    private final Random random = new Random(20261125);

    @Test
    void noSequenceOfEventsLeavesAHalfMadeStroke() throws Exception {
        open(Request.demo(book()));
        Drill before = board().drill();
        for (int i = 0; i < TRIES; i++) {
            fx(() -> {
                for (int k = 0; k < EVENTS; k++) {
                    something();
                }
                // The hand comes off the board; what is open until Enter or Escape is laid down.
                mouse(MouseEvent.MOUSE_RELEASED, place(), MouseButton.PRIMARY);
                press(KeyCode.ESCAPE);
                press(KeyCode.ESCAPE);
                return null;
            });
            settle();
            nothingIsHalfDone();
        }
        assertTrue(
                board().changesProperty().get() > TRIES,
                "the drill has changed " + board().changesProperty().get() + " times");
        fx(() -> {
            while (board().document().history().nextUndo().isPresent()) {
                board().document().undo();
            }
            return null;
        });
        assertTrue(before.isLike(board().drill()), "as many undos give back what was there");
    }

    private void nothingIsHalfDone() throws Exception {
        assertEquals(Tool.GUESS, board().toolProperty().get());
        assertNull(board().model().draftProperty().get(), "nothing is shown that is not kept");
        assertFalse(find("#stroke-tag").isVisible());
        assertEquals(List.of(), Soundness.faults(board().drill(), board().surface()));
        for (Action action : board().stage().actions()) {
            if (action instanceof Travel travel) {
                assertTrue(board().timeline().line(travel.id()).stream()
                        .allMatch(p -> Double.isFinite(p.x()) && Double.isFinite(p.y())));
            }
        }
    }

    private void something() {
        switch (random.nextInt(10)) {
            case 0, 1 -> mouse(MouseEvent.MOUSE_PRESSED, somewhere(), button());
            case 2, 3, 4, 5 -> mouse(MouseEvent.MOUSE_DRAGGED, somewhere(), MouseButton.PRIMARY);
            case 6 -> mouse(MouseEvent.MOUSE_RELEASED, somewhere(), button());
            case 7 -> mouse(MouseEvent.MOUSE_MOVED, somewhere(), MouseButton.NONE);
            case 8 -> press(KEYS.get(random.nextInt(KEYS.size())));
            default -> otherwise();
        }
    }

    /** What can happen to the board while the hand is on it. */
    private void otherwise() {
        switch (random.nextInt(5)) {
            case 0 -> board().document().undo();
            case 1 -> board().document().redo();
            case 2 -> board().toolProperty().set(Tool.values()[random.nextInt(Tool.values().length)]);
            case 3 -> mouse(MouseEvent.MOUSE_EXITED, somewhere(), MouseButton.NONE);
            default -> board().head()
                    .atProperty()
                    .set(random.nextDouble() * board().timeline().duration());
        }
    }

    private MouseButton button() {
        if (random.nextInt(5) == 0) {
            return MouseButton.SECONDARY;
        }
        if (random.nextInt(9) == 0) {
            return MouseButton.MIDDLE;
        }
        return MouseButton.PRIMARY;
    }

    /** On somebody, where something is to take hold of; or anywhere, outside the surface too. */
    private Vec somewhere() {
        List<Vec> people = board().stage().people().stream().map(p -> p.at()).toList();
        return random.nextBoolean() && !people.isEmpty() ? people.get(random.nextInt(people.size())) : place();
    }

    private Vec place() {
        return new Vec(random.nextDouble() * 120 - 60, random.nextDouble() * 80 - 40);
    }

    private void mouse(EventType<MouseEvent> type, Vec place, MouseButton button) {
        Node pane = find("#board");
        Point2D at = pane.localToScene(map().x(place), map().y(place));
        Point2D on = pane.localToScreen(map().x(place), map().y(place));
        pane.fireEvent(new MouseEvent(
                type,
                at.getX(),
                at.getY(),
                on.getX(),
                on.getY(),
                button,
                1 + random.nextInt(2),
                random.nextInt(6) == 0,
                random.nextInt(8) == 0,
                false,
                false,
                button == MouseButton.PRIMARY,
                button == MouseButton.MIDDLE,
                button == MouseButton.SECONDARY,
                false,
                false,
                false,
                null));
    }

    private void press(KeyCode key) {
        Node pane = find("#board");
        pane.fireEvent(new KeyEvent(
                KeyEvent.KEY_PRESSED,
                "",
                key.getName().length() == 1 ? key.getName().toLowerCase(Locale.ROOT) : "",
                key,
                false,
                false,
                false,
                false));
        pane.fireEvent(new KeyEvent(KeyEvent.KEY_RELEASED, "", "", key, false, false, false, false));
    }
}

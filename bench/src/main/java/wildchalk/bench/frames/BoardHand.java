package wildchalk.bench.frames;

import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenMap;

/** A hand on the board that is led by a program: what it does goes to the window as a mouse's would. */
final class BoardHand {

    private static final int STEPS = 6;

    private final Scene scene;
    private final BoardState state;

    public BoardHand(Scene scene, BoardState state) {
        this.scene = scene;
        this.state = state;
    }

    public void press(Vec place) {
        fire(MouseEvent.MOUSE_PRESSED, place);
    }

    public void drag(Vec place) {
        fire(MouseEvent.MOUSE_DRAGGED, place);
    }

    public void release(Vec place) {
        fire(MouseEvent.MOUSE_RELEASED, place);
    }

    /** Presses and drags, and does not let go. */
    public void hold(Vec from, Vec to) {
        press(from);
        for (int i = 1; i <= STEPS; i++) {
            drag(from.towards(to, (double) i / STEPS));
        }
    }

    private void fire(EventType<MouseEvent> type, Vec place) {
        Node pane = scene.lookup("#board");
        ScreenMap map = ScreenMap.fit(
                state.drill(),
                state.surface(),
                Math.floor(pane.getLayoutBounds().getWidth()),
                Math.floor(pane.getLayoutBounds().getHeight()));
        Point2D on = pane.localToScreen(map.x(place), map.y(place));
        Point2D at = pane.localToScene(map.x(place), map.y(place));
        boolean down = type != MouseEvent.MOUSE_RELEASED;
        pane.fireEvent(new MouseEvent(
                type,
                at.getX(),
                at.getY(),
                on.getX(),
                on.getY(),
                MouseButton.PRIMARY,
                1,
                false,
                false,
                false,
                false,
                down,
                false,
                false,
                false,
                false,
                !down,
                null));
    }
}

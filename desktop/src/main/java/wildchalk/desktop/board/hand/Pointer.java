package wildchalk.desktop.board.hand;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.canvas.BoardPane;

/**
 * The mouse at one moment.
 *
 * @param at the place under it
 * @param x of the pixel under it
 * @param straight whether lines are to be straight (Shift)
 * @param free whether nothing is to be snapped to (Alt)
 * @param moves whether people are to be moved rather than drawn from (Ctrl, or the right button)
 */
record Pointer(Vec at, double x, double y, boolean straight, boolean free, boolean moves, int clicks) {

    static Pointer of(MouseEvent e, BoardPane pane) {
        return new Pointer(
                pane.map().toSurface(e.getX(), e.getY()),
                e.getX(),
                e.getY(),
                e.isShiftDown(),
                e.isAltDown(),
                e.isShortcutDown() || e.getButton() == MouseButton.SECONDARY,
                e.getClickCount());
    }
}

package wildchalk.desktop.board;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import wildchalk.core.geometry.Vec;

/**
 * The mouse at one moment.
 *
 * @param at the place under it
 * @param x of the pixel under it
 * @param straight whether lines are to be straight (Shift)
 * @param free whether nothing is to be snapped to (Alt)
 * @param moves whether people are to be moved rather than drawn from (Ctrl, or the right button)
 */
record Hand(Vec at, double x, double y, boolean straight, boolean free, boolean moves, int clicks) {

    static Hand of(MouseEvent e, BoardPane pane) {
        return new Hand(pane.map().toSurface(e.getX(), e.getY()), e.getX(), e.getY(), e.isShiftDown(), e.isAltDown(),
                e.isShortcutDown() || e.getButton() == MouseButton.SECONDARY, e.getClickCount());
    }
}

package wildchalk.desktop.board.hand;

import wildchalk.desktop.board.canvas.BoardPane;

/** Moves what is shown of a board that is looked at from near. */
final class PanGrip implements Grip {

    private final BoardPane pane;
    private double x;
    private double y;

    PanGrip(BoardPane pane) {
        this.pane = pane;
    }

    @Override
    public void press(Pointer hand) {
        x = hand.x();
        y = hand.y();
    }

    @Override
    public void drag(Pointer hand) {
        pane.pan(hand.x() - x, hand.y() - y);
        press(hand);
    }
}

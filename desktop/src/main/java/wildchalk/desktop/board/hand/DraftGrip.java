package wildchalk.desktop.board.hand;

import java.util.Optional;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/**
 * A grip that shows what it would make of the drill until the hand lets go; Escape takes that back, and the rest of the
 * drag does nothing.
 */
abstract class DraftGrip implements Grip {

    private final BoardPane pane;
    private final BoardState state;
    private boolean dropped;

    DraftGrip(BoardPane pane, BoardState state) {
        this.pane = pane;
        this.state = state;
    }

    /** Whether what was in the hand was let go before the button was. */
    final boolean isDropped() {
        return dropped;
    }

    final void hideTag() {
        pane.showTag(Optional.empty(), 0, 0);
    }

    @Override
    public final boolean escape() {
        dropped = true;
        state.putBack();
        hideTag();
        return true;
    }
}

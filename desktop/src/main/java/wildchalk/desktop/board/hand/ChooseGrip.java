package wildchalk.desktop.board.hand;

import wildchalk.desktop.board.state.BoardState;

/** A click where nothing can be taken hold of: chooses the line there, or nothing. */
final class ChooseGrip implements Grip {

    private final BoardState state;

    ChooseGrip(BoardState state) {
        this.state = state;
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        if (!dragged) {
            state.picking()
                    .line(hand.at())
                    .ifPresentOrElse(a -> state.selection().choose(a.id()), state.selection()::choose);
        }
    }
}

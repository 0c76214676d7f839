package wildchalk.desktop.board.hand;

import java.util.Optional;
import java.util.Set;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.snap.Reference;
import wildchalk.core.snap.Snapped;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/** Puts a piece down where the hand lets go; until then it is shown where it would stand. */
final class PlaceGrip implements Grip {

    private final BoardPane pane;
    private final BoardState state;
    private final Guides guides;
    private Pointer last;

    PlaceGrip(BoardPane pane, BoardState state, Guides guides) {
        this.pane = pane;
        this.state = state;
        this.guides = guides;
    }

    private Optional<Reference> reference() {
        return guides.reference(Set.of(), Optional.empty());
    }

    private Snapped place(Pointer hand) {
        return guides.snap(hand, Set.of(), reference(), false);
    }

    private Piece piece(Pointer hand) {
        return FreshPieces.of(
                state.toolProperty().get(),
                state.samples().gearProperty().get(),
                state.stage(),
                state.freeIds(),
                guides.within(place(hand).at()),
                state.surface());
    }

    private Edit<Drill> edit(Pointer hand, Piece piece) {
        Optional<Piece.Person> under = state.picking().person(hand.at(), 0);
        return piece instanceof Piece.Ball ball && under.isPresent()
                ? PieceEdits.giveBall(state.rung(), ball, under.get())
                : PieceEdits.place(state.rung(), piece);
    }

    @Override
    public void hover(Pointer hand) {
        last = hand;
        state.preview(edit(hand, piece(hand)));
        guides.show(place(hand), reference(), hand);
    }

    @Override
    public void press(Pointer hand) {
        state.head().atProperty().set(0);
        hover(hand);
    }

    @Override
    public void drag(Pointer hand) {
        hover(hand);
    }

    @Override
    public void typed() {
        if (last != null) {
            hover(last);
        }
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        Piece piece = piece(hand);
        boolean lost = guides.isBeyond(place(hand).at());
        letGo();
        if (lost) {
            state.announce(MoveGrip.BEYOND + "it is still in your hand.");
            return;
        }
        state.apply(edit(hand, piece));
        state.selection().choose(piece.id());
        state.selection().refer(piece.id());
    }

    @Override
    public void letGo() {
        last = null;
        state.putBack();
        pane.showTag(Optional.empty(), 0, 0);
    }
}

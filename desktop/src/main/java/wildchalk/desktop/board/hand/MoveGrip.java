package wildchalk.desktop.board.hand;

import java.util.Optional;
import java.util.Set;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.snap.Reference;
import wildchalk.core.snap.Snapped;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/** Moves a piece: what ends at it follows, and its distance from what was used last is said. */
final class MoveGrip extends DraftGrip {

    static final String BEYOND = "That is outside the run-off, where nothing can stand: ";

    private final BoardState state;
    private final Guides guides;
    private final Piece piece;
    private final Set<String> moving;
    private Vec gripped = Vec.ZERO;
    private Pointer last;

    MoveGrip(BoardPane pane, BoardState state, Guides guides, Piece piece) {
        super(pane, state);
        this.state = state;
        this.guides = guides;
        this.piece = piece;
        Set<String> chosen = state.selection().chosenProperty().get();
        this.moving = chosen.contains(piece.id()) ? chosen : Set.of(piece.id());
    }

    @Override
    public void press(Pointer hand) {
        gripped = hand.at().minus(piece.at());
        // Pieces are moved where they begin.
        state.head().atProperty().set(0);
    }

    private Optional<Reference> reference() {
        return guides.reference(moving, Optional.of(piece.at()));
    }

    private Snapped place(Pointer hand) {
        Pointer held = new Pointer(
                hand.at().minus(gripped),
                hand.x(),
                hand.y(),
                hand.straight(),
                hand.free(),
                hand.moves(),
                hand.clicks());
        return guides.snap(held, moving, reference(), false);
    }

    @Override
    public void drag(Pointer hand) {
        if (isDropped()) {
            return;
        }
        last = hand;
        Snapped snapped = place(hand);
        state.preview(edit(hand, snapped));
        guides.show(snapped, reference(), hand);
    }

    @Override
    public void typed() {
        if (last != null) {
            drag(last);
        }
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        hideTag();
        boolean lost = dragged && !isDropped() && isLost(hand);
        if (lost) {
            escape();
        } else if (dragged && !isDropped()) {
            state.apply(edit(hand, place(hand)));
        }
        if (moving.size() == 1 || !dragged) {
            state.selection().chooseAlso(piece.id(), !dragged && hand.straight());
        }
        state.selection().refer(piece.id());
        if (lost) {
            state.announce(BEYOND + "it is back where it was.");
        }
    }

    /** Whether the piece, or one that moves along, would come to lie outside the run-off. */
    private boolean isLost(Pointer hand) {
        Vec by = guides.within(place(hand).at()).minus(piece.at());
        return guides.isBeyond(place(hand).at())
                || moving.size() > 1
                        && state.stage().pieces().stream()
                                .filter(p -> moving.contains(p.id()))
                                .anyMatch(p -> guides.isBeyond(p.at().plus(by)));
    }

    private Edit<Drill> edit(Pointer hand, Snapped snapped) {
        Vec to = guides.within(snapped.at());
        if (moving.size() > 1) {
            return PieceEdits.moveAll(state.rung(), state.stage(), moving, to.minus(piece.at()));
        }
        if (piece instanceof Piece.Ball ball) {
            return state.picking()
                    .person(hand.at(), 0)
                    .map(p -> PieceEdits.giveBall(state.rung(), ball, p))
                    .orElseGet(() -> PieceEdits.dropBall(state.rung(), ball, to));
        }
        return PieceEdits.move(state.rung(), piece, to);
    }
}

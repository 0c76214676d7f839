package wildchalk.desktop.board.hand;

import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.AreaEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/** Pulls a corner of the area that is chosen. */
final class CornerGrip extends DraftGrip {

    private final BoardState state;
    private final Guides guides;
    private final Piece.Area area;
    private final int corner;

    private CornerGrip(BoardPane pane, BoardState state, Guides guides, Piece.Area area, int corner) {
        super(pane, state);
        this.state = state;
        this.guides = guides;
        this.area = area;
        this.corner = corner;
    }

    /** Takes hold of the corner under the hand, of the one area that is chosen. */
    static Optional<Grip> at(Pointer hand, BoardPane pane, BoardState state, Guides guides) {
        Set<String> chosen = state.selection().chosenProperty().get();
        return state.stage().areas().stream()
                .filter(a -> chosen.size() == 1 && chosen.contains(a.id()))
                .findFirst()
                .flatMap(area -> {
                    var corners = area.outline().at(area.at());
                    for (int i = 0; i < corners.size(); i++) {
                        if (corners.get(i).distance(hand.at())
                                < state.board().frame().unit() * 0.8) {
                            return Optional.of(new CornerGrip(pane, state, guides, area, i));
                        }
                    }
                    return Optional.empty();
                });
    }

    private Piece.Area pulled(Pointer hand) {
        Vec to = guides.within(
                guides.snap(hand, Set.of(area.id()), Optional.empty(), true).at());
        return AreaEdits.pulled(area, corner, to);
    }

    @Override
    public void drag(Pointer hand) {
        if (!isDropped()) {
            state.preview(PieceEdits.change(state.rung(), "Resize", pulled(hand)));
        }
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        hideTag();
        if (dragged && !isDropped()) {
            state.apply(PieceEdits.change(state.rung(), "Resize", pulled(hand)));
        }
    }
}

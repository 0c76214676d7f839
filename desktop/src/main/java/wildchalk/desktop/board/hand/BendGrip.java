package wildchalk.desktop.board.hand;

import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.PathEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.rehearsal.Places;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/** Bends the chosen line where the hand takes hold of it; a double click on a bend takes it out. */
final class BendGrip extends DraftGrip {

    private final BoardPane pane;
    private final BoardState state;
    private final Travel travel;
    private final ChooseGrip click;
    private PathEdits.Held held;

    BendGrip(BoardPane pane, BoardState state, Travel travel) {
        super(pane, state);
        this.pane = pane;
        this.state = state;
        this.travel = travel;
        this.click = new ChooseGrip(state);
    }

    @Override
    public void press(Pointer hand) {
        held = PathEdits.held(
                travel,
                state.board().route(travel.id()),
                new Places(state.stage(), state.surface()),
                hand.at(),
                state.board().frame().unit() * 1.2);
    }

    @Override
    public void drag(Pointer hand) {
        if (isDropped()) {
            return;
        }
        state.preview(bent(hand.at()));
        double metres = Ruler.length(state.shown().timeline().line(travel.id()));
        pane.showTag(Optional.of(state.viewing().unitsProperty().get().both(metres)), hand.x(), hand.y());
    }

    private Edit<Drill> bent(Vec to) {
        return PathEdits.bend(state.rung(), travel, held, to);
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        hideTag();
        if (isDropped()) {
            return;
        }
        if (dragged) {
            state.apply(bent(hand.at()));
        } else if (hand.clicks() > 1 && !held.fresh()) {
            state.apply(PathEdits.straighten(state.rung(), travel, held.index()));
        } else {
            click.release(hand, false);
        }
    }
}

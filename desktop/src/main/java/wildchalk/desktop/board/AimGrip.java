package wildchalk.desktop.board;

import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Retelling;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** Takes where the chosen line goes somewhere else: a pass to somebody else, a shot at another goal, the end of a run. */
final class AimGrip extends DraftGrip {

    private final BoardPane pane;
    private final BoardState state;
    private final Guides guides;
    private final Action action;

    private AimGrip(BoardPane pane, BoardState state, Guides guides, Action action) {
        super(pane, state);
        this.pane = pane;
        this.state = state;
        this.guides = guides;
        this.action = action;
    }

    /** Takes hold of the chosen pass or shot anywhere on its line; of the end of another line only with the hand that moves things. */
    static Optional<Grip> at(Hand hand, BoardPane pane, BoardState state, Guides guides, boolean moves) {
        return state.chosenAction().filter(a -> a instanceof Action.Delivery
                        ? state.picking().line(hand.at()).filter(l -> l.id().equals(a.id())).isPresent()
                        : moves && state.board().route(a.id()).end().distance(hand.at()) < state.board().frame().unit() * 1.1)
                .map(a -> new AimGrip(pane, state, guides, a));
    }

    /** Somebody, something or a goal under the hand; else the place. */
    private Spot spot(Hand hand) {
        Optional<Piece> piece = state.picking().person(hand.at(), state.playheadProperty().get()).map(p -> (Piece) p)
                .or(() -> state.picking().gear(hand.at()).filter(p -> !(p instanceof Piece.Area)))
                .filter(p -> !p.id().equals(action.who()));
        if (piece.isPresent()) {
            return Spot.at(piece.get().id());
        }
        double reach = state.board().frame().unit() * 1.5;
        Optional<Surface.Target> target = state.surface().targets().stream()
                .filter(t -> t.at().distance(hand.at()) < Math.max(reach, t.width() / 2)).findFirst();
        Vec at = guides.within(guides.snap(hand, Set.of(action.who()), Optional.empty(), false).at());
        return target.map(t -> (Spot) new Spot.AtTarget(t.id())).orElse(Spot.at(at));
    }

    private Optional<Edit> edit(Hand hand) {
        return Retelling.to(state.rung(), action, spot(hand));
    }

    @Override
    public void drag(Hand hand) {
        if (isDropped()) {
            return;
        }
        edit(hand).ifPresent(edit -> {
            state.preview(edit);
            Action changed = state.shown().stage().action(action.id()).orElse(action);
            pane.showTag(Optional.of(ActionEdits.describe(changed, state.shown().stage())), hand.x(), hand.y());
        });
    }

    @Override
    public void release(Hand hand, boolean dragged) {
        hideTag();
        if (dragged && !isDropped()) {
            edit(hand).ifPresent(state::apply);
        } else if (!dragged) {
            new ChooseGrip(state).release(hand, false);
        }
    }
}

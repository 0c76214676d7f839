package wildchalk.desktop.board.hand;

import java.util.Optional;
import java.util.Set;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.otherwise.Retelling;
import wildchalk.core.rehearsal.Places;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/**
 * Takes where the chosen line goes somewhere else: a pass to somebody else, a shot at another goal, the end of a run.
 */
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

    /**
     * Takes hold of the chosen pass or shot anywhere on its line; of the end of another line only with the hand that
     * moves things.
     */
    static Optional<Grip> at(Pointer hand, BoardPane pane, BoardState state, Guides guides, boolean moves) {
        return state.selection()
                .action()
                .filter(a -> a instanceof Action.Delivery
                        ? state.picking().isOn(a, hand.at())
                                // Who runs to where a ball comes goes on from there.
                                && state.picking().pathEnd(hand.at()).isEmpty()
                        : moves
                                && state.board().route(a.id()).end().distance(hand.at())
                                        < state.board().frame().unit() * 1.1)
                .map(a -> new AimGrip(pane, state, guides, a));
    }

    /** Somebody, a goal or a piece of gear under the hand; else the place. */
    private Spot spot(Pointer hand) {
        double reach = state.board().frame().unit() * 1.5;
        Optional<Spot> met =
                action instanceof Action.Pass pass ? state.guess().sentTo(pass, hand.at(), reach) : Optional.empty();
        if (met.isPresent()) {
            return met.get();
        }
        Optional<Spot> person = state.picking()
                .person(hand.at(), state.head().atProperty().get())
                .filter(p -> !p.id().equals(action.who()))
                .map(p -> Spot.at(p.id()));
        return person.or(() -> new Places(state.stage(), state.surface())
                        .goalAt(hand.at(), state.board().frame().unit() * 1.5))
                .or(() -> state.picking()
                        .gear(hand.at())
                        .filter(p -> p instanceof Piece.Item)
                        .map(p -> Spot.at(p.id())))
                .orElseGet(() -> Spot.at(guides.within(guides.snap(hand, Set.of(action.who()), Optional.empty(), false)
                        .at())));
    }

    private Optional<Edit<Drill>> edit(Pointer hand) {
        return Retelling.to(state.rung(), action, spot(hand));
    }

    @Override
    public void drag(Pointer hand) {
        if (isDropped()) {
            return;
        }
        edit(hand).ifPresent(edit -> {
            state.preview(edit);
            // What is shown may still be the draft before this one.
            Stage then = Ladder.build(edit.apply(state.drill()), state.rung());
            pane.showTag(then.action(action.id()).map(a -> ActionEdits.describe(a, then)), hand.x(), hand.y());
        });
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        hideTag();
        if (dragged && !isDropped()) {
            edit(hand).ifPresent(state::apply);
        } else if (!dragged) {
            new ChooseGrip(state).release(hand, false);
        }
    }
}

package wildchalk.desktop.board.hand;

import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/** Turns the person who is chosen by their nose. */
final class NoseGrip extends DraftGrip {

    /** Where the nose is, in token radii from the middle. */
    private static final double FROM = 1.0;

    private static final double TO = 2.0;
    private static final double WIDTH = 0.5;
    /** Noses turn in steps of these many degrees; with Alt freely. */
    private static final double STEP = 15;

    private final BoardPane pane;
    private final BoardState state;
    private final Piece.Person person;

    private NoseGrip(BoardPane pane, BoardState state, Piece.Person person) {
        super(pane, state);
        this.pane = pane;
        this.state = state;
        this.person = person;
    }

    /** Takes hold of the nose under the hand, of the one person who is chosen. */
    static Optional<Grip> at(Pointer hand, BoardPane pane, BoardState state) {
        double unit = state.board().frame().unit();
        return state.selection().chosenProperty().get().stream()
                .flatMap(id -> state.stage().person(id).stream())
                .filter(p -> state.selection().chosenProperty().get().size() == 1
                        && state.head().atProperty().get() == 0)
                .filter(p -> {
                    Vec from = hand.at().minus(p.at()).rotated(-p.facing());
                    return from.x() > FROM * unit && from.x() < TO * unit && Math.abs(from.y()) < WIDTH * unit;
                })
                .findFirst()
                .map(p -> new NoseGrip(pane, state, p));
    }

    private Edit<Drill> turned(Pointer hand) {
        double angle = hand.at().minus(person.at()).angle();
        double facing = hand.free() ? angle : Math.toRadians(Math.round(Math.toDegrees(angle) / STEP) * STEP);
        return PieceEdits.change(state.rung(), "Turn", PersonEdits.facing(person, facing));
    }

    @Override
    public void drag(Pointer hand) {
        if (!isDropped()) {
            state.preview(turned(hand));
            pane.showTag(
                    Optional.of("faces "
                            + Math.round(
                                    Math.toDegrees(hand.at().minus(person.at()).angle())) + "°"),
                    hand.x(),
                    hand.y());
        }
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        hideTag();
        if (dragged && !isDropped()) {
            state.apply(turned(hand));
        }
    }
}

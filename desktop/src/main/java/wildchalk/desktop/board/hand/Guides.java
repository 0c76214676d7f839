package wildchalk.desktop.board.hand;

import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Numbers;
import wildchalk.core.measure.Units;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.snap.Reason;
import wildchalk.core.snap.Reference;
import wildchalk.core.snap.Snapped;
import wildchalk.core.snap.Snapper;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/** Helps the hand: snaps it to what is meant, takes typed numbers, and says distances beside the pointer. */
final class Guides {

    /** How near the hand must be for snapping, in pixels. */
    private static final double REACH = 9;

    private final BoardPane pane;
    private final BoardState state;
    private final StringBuilder typed = new StringBuilder();

    Guides(BoardPane pane, BoardState state) {
        this.pane = pane;
        this.state = state;
    }

    /** Takes what was typed; false when it is no part of a number. */
    boolean type(String text) {
        boolean digit = text.matches("[0-9]") || text.matches("[.,]") && typed.indexOf(".") < 0;
        if (digit && typed.length() < 7) {
            typed.append(text.replace(',', '.'));
        }
        return digit;
    }

    boolean rubOut() {
        if (typed.isEmpty()) {
            return false;
        }
        typed.setLength(typed.length() - 1);
        return true;
    }

    boolean isTyped() {
        return !typed.isEmpty();
    }

    void forgetTyped() {
        typed.setLength(0);
    }

    private Optional<Double> typedMetres() {
        try {
            return typed.isEmpty()
                    ? Optional.empty()
                    : Optional.of(Double.parseDouble(typed.toString())
                            * units().unit().metres());
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    Units units() {
        return state.viewing().unitsProperty().get();
    }

    /**
     * What distances are measured from: the piece used last that is not in the hand itself, or where the drag began.
     */
    Optional<Reference> reference(Set<String> moving, Optional<Vec> start) {
        return state.selection()
                .reference()
                .filter(p -> !moving.contains(p.id()))
                .map(p -> new Reference(p.at(), PieceWords.among(state.stage(), p)))
                .or(() -> start.map(s -> new Reference(s, "where it was")));
    }

    /**
     * The place that is meant.
     *
     * @param moving ids of what is in the hand
     * @param onto whether it may land on a piece
     */
    Snapped snap(Pointer hand, Set<String> moving, Optional<Reference> reference, boolean onto) {
        Optional<Double> exact = typedMetres();
        if (exact.isPresent() && reference.isPresent()) {
            return Snapper.exactly(hand.at(), reference.get(), exact.get(), units());
        }
        if (hand.free()) {
            return new Snapped(hand.at(), new Reason.Free());
        }
        return new Snapper(state.stage(), state.surface(), units(), moving, onto)
                .snap(hand.at(), reference, REACH / pane.map().scale());
    }

    /** "5.0 m · 7 paces from yellow cone 2 · 45° · on the 23 m line" */
    String words(Snapped snapped, Optional<Reference> reference) {
        if (reference.isEmpty()) {
            String reason = snapped.reason().words();
            return reason.isEmpty() ? "free" : reason;
        }
        Vec way = snapped.at().minus(reference.get().at());
        String from = units().both(way.length()) + " from " + reference.get().name();
        String angle = way.length() < 0.01
                ? ""
                : " · " + Numbers.plain(Math.round(Math.abs(Math.toDegrees(way.angle())))) + "°";
        // What the reason says about the distance is said already.
        String ground = snapped.reason().ofTheGround();
        String where = ground.isEmpty() ? "" : " · " + ground;
        return from + angle + where + (typed.isEmpty() ? "" : " · typed " + typed);
    }

    void show(Snapped snapped, Optional<Reference> reference, Pointer hand) {
        pane.showTag(Optional.of(words(snapped, reference)), hand.x(), hand.y());
    }

    /** Whether a place lies so far outside the run-off that nobody can have meant its edge. */
    boolean isBeyond(Vec at) {
        return within(at).distance(at) > 2 * state.board().frame().unit();
    }

    /** A place that lies on the surface or its run-off. */
    Vec within(Vec at) {
        return state.surface().surroundings().clamp(at);
    }

    /** The name of a piece for the pointer. */
    String name(Piece piece) {
        return PieceWords.among(state.stage(), piece);
    }
}

package wildchalk.desktop.board;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyEvent;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;

/**
 * A hand that is moved with the keyboard. Tab goes from piece to piece; Enter begins a line from who is chosen, arrows lead
 * its end, Enter lets go. With something from the ledge in it, arrows move it and Enter puts it down.
 */
final class KeyHand {

    /** How far an arrow moves the hand, metres; with Shift. */
    private static final double STEP = 1;
    private static final double FINE = 0.1;
    /** Pieces whose places on the page differ by less than this many token radii stand in one row. */
    private static final double ROW = 3;

    private final BoardPane pane;
    private final BoardState state;
    private Vec at;
    /** Whose line is being led, and from where; null when none is. */
    private String who;
    private Vec from;
    private Grip grip;

    KeyHand(BoardPane pane, BoardState state) {
        this.pane = pane;
        this.state = state;
        this.at = state.drill().showing().box(state.surface()).centre();
    }

    /** Does what a key means for this hand; false when nothing. */
    boolean key(KeyEvent e) {
        double step = e.isShiftDown() ? FINE : STEP;
        return switch (e.getCode()) {
            case LEFT -> move(-step, 0);
            case RIGHT -> move(step, 0);
            case UP -> move(0, -step);
            case DOWN -> move(0, step);
            case ENTER -> enter();
            case ESCAPE -> escape();
            case TAB -> pane.isFocused() && walk(e.isShiftDown() ? -1 : 1);
            default -> false;
        };
    }

    private Hand hand() {
        return new Hand(at, pane.map().x(at), pane.map().y(at), false, false, false, 1);
    }

    private boolean move(double right, double down) {
        boolean places = state.toolProperty().get().places();
        if (grip == null && !places) {
            return false;
        }
        at = at.plus(state.board().frame().onPage(right, down));
        if (places) {
            pane.mouse().placing().hover(hand());
        } else {
            // Anew from its start: led by keys, a line is straight.
            grip = pane.mouse().stroke(who, from);
            grip.drag(hand());
        }
        return true;
    }

    private boolean enter() {
        if (grip != null) {
            Grip led = grip;
            grip = null;
            led.release(hand(), at.distance(from) > 1e-6);
            return true;
        }
        if (state.toolProperty().get().places()) {
            pane.mouse().placing().press(hand());
            pane.mouse().placing().release(hand(), false);
            return true;
        }
        return begin();
    }

    /** Begins a line from the person who is chosen, or on from the line that is. */
    private boolean begin() {
        double t = state.playheadProperty().get();
        Optional<Piece.Person> person = state.chosenProperty().get().stream()
                .flatMap(id -> state.stage().person(id).stream()).findFirst();
        Optional<Action> line = state.chosenAction();
        if (person.isPresent()) {
            who = person.get().id();
            from = state.timeline().pose(who, t).at();
        } else if (line.isPresent() && line.get() instanceof Action.Travel) {
            who = line.get().who();
            from = state.board().route(line.get().id()).end();
        } else {
            return false;
        }
        at = from;
        grip = pane.mouse().stroke(who, from);
        return true;
    }

    private boolean escape() {
        if (grip == null) {
            return false;
        }
        grip.escape();
        grip = null;
        return true;
    }

    /** Chooses the next piece in reading order; beyond the last one the keyboard goes on through the window. */
    private boolean walk(int by) {
        List<Piece> pieces = state.stage().pieces().stream()
                .filter(p -> !(p instanceof Piece.Ball b && b.heldBy().isPresent()))
                .sorted(Comparator.comparingLong(this::row).thenComparingDouble(p -> pane.map().x(p.at()))).toList();
        List<String> ids = pieces.stream().map(Piece::id).toList();
        int now = state.chosenProperty().get().size() == 1 ? ids.indexOf(state.chosenProperty().get().iterator().next()) : -1;
        int next = now < 0 && by < 0 ? ids.size() - 1 : now + by;
        if (next < 0 || next >= ids.size()) {
            return false;
        }
        state.choose(ids.get(next));
        at = pieces.get(next).at();
        return true;
    }

    private long row(Piece piece) {
        return Math.round(pane.map().y(piece.at()) / (ROW * state.board().frame().unit() * pane.map().scale()));
    }
}

package wildchalk.desktop.board.hand;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyEvent;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/**
 * A hand that is moved with the keyboard. Tab goes from piece to piece; Enter begins a line from who is chosen, arrows
 * lead its end, Enter lets go. With something from the ledge in it, arrows move it and Enter puts it down.
 */
public final class KeyHand {

    /** How far an arrow moves the hand, metres; with Shift. */
    private static final double STEP = 1;

    private static final double FINE = 0.1;
    /** Pieces whose places on the page differ by less than this many token radii stand in one row. */
    private static final double ROW = 3;

    private final BoardPane pane;
    private final BoardState state;
    private final BoardMouse mouse;
    private Vec at;
    /** Whose line is being led, and from where; null when none is. */
    private String who;

    private Vec from;
    private Grip grip;

    public KeyHand(BoardPane pane, BoardState state, BoardMouse mouse) {
        this.mouse = mouse;
        this.pane = pane;
        this.state = state;
        this.at = state.drill().showing().box(state.surface()).centre();
    }

    /** Does what a key means for this hand; false when nothing. */
    public boolean key(KeyEvent e) {
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

    private Pointer hand() {
        return new Pointer(at, pane.map().x(at), pane.map().y(at), false, false, false, 1);
    }

    private boolean move(double right, double down) {
        boolean places = state.toolProperty().get().places();
        if (grip == null && !places) {
            return false;
        }
        at = at.plus(state.board().frame().onPage(right, down));
        if (places) {
            mouse.placing().hover(hand());
        } else {
            // Anew from its start: led by keys, a line is straight.
            grip = mouse.stroke(who, from);
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
            mouse.placing().press(hand());
            mouse.placing().release(hand(), false);
            return true;
        }
        return begin();
    }

    /** Begins a line from the person who is chosen, or on from the line that is. */
    private boolean begin() {
        double t = state.head().atProperty().get();
        Optional<Piece.Person> person = state.selection().chosenProperty().get().stream()
                .flatMap(id -> state.stage().person(id).stream())
                .findFirst();
        Optional<Action> line = state.selection().action();
        if (person.isPresent()) {
            who = person.get().id();
            from = state.timeline().at(who, t);
        } else if (line.isPresent() && line.get() instanceof Travel) {
            who = line.get().who();
            from = state.board().route(line.get().id()).end();
        } else {
            return false;
        }
        at = from;
        grip = mouse.stroke(who, from);
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
                .filter(p -> p.heldBy().isEmpty())
                .sorted(Comparator.comparingLong(this::row)
                        .thenComparingDouble(p -> pane.map().x(p.at())))
                .toList();
        List<String> ids = pieces.stream().map(Piece::id).toList();
        int now = state.selection().chosenProperty().get().size() == 1
                ? ids.indexOf(
                        state.selection().chosenProperty().get().iterator().next())
                : -1;
        int next = now < 0 && by < 0 ? ids.size() - 1 : now + by;
        if (next < 0 || next >= ids.size()) {
            return false;
        }
        state.selection().choose(ids.get(next));
        at = pieces.get(next).at();
        return true;
    }

    private long row(Piece piece) {
        return Math.round(pane.map().y(piece.at())
                / (ROW * state.board().frame().unit() * pane.map().scale()));
    }
}

package wildchalk.desktop.show;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.measure.Units;
import wildchalk.core.scene.Look;
import wildchalk.core.show.Stop.Kind;
import wildchalk.core.show.Tour;
import wildchalk.desktop.board.state.BoardModel;
import wildchalk.desktop.board.state.Focus;
import wildchalk.desktop.paint.EachFrame;

/** Everything that is shown: where the showing stands, and the board that goes with it. */
public final class ShowState {

    /** Half speed, until somebody wants it as it is. */
    private static final double SLOW = 0.5;

    private static final double JUST_BEFORE = 1e-3;

    private final BoardModel board;
    private final ReadOnlyObjectWrapper<Tour> tour = new ReadOnlyObjectWrapper<>();
    private final BooleanProperty blank = new SimpleBooleanProperty();
    private final BooleanProperty slow = new SimpleBooleanProperty(true);
    private final BooleanProperty laser = new SimpleBooleanProperty();
    private final ReadOnlyBooleanWrapper moving = new ReadOnlyBooleanWrapper();
    /** Where the play head goes; NaN while it stands. */
    private double until = Double.NaN;

    private Tour arriving;
    private final EachFrame timer = new EachFrame(this::move);

    /**
     * @param rung id of the rung to begin with
     * @param units how lengths are said
     */
    public ShowState(Drill drill, String rung, Look look, Units units) {
        board = new BoardModel(drill);
        board.viewing().unitsProperty().set(units);
        board.viewing().lookProperty().set(look);
        stand(Tour.of(drill, rung));
    }

    /** The board that is shown. */
    public BoardModel board() {
        return board;
    }

    public ReadOnlyObjectProperty<Tour> tourProperty() {
        return tour.getReadOnlyProperty();
    }

    /** Whether nothing is shown, so that people look at whoever speaks. */
    public BooleanProperty blankProperty() {
        return blank;
    }

    public BooleanProperty slowProperty() {
        return slow;
    }

    public BooleanProperty laserProperty() {
        return laser;
    }

    public boolean isMoving() {
        return !Double.isNaN(until);
    }

    /** Goes on to the next stop; while it goes there, is there at once. */
    void goOn() {
        if (isMoving()) {
            stand(arriving);
            return;
        }
        Tour next = tour.get().next();
        boolean plays = next.rung().equals(tour.get().rung())
                && next.stop().t() > tour.get().stop().t() + 1e-6;
        if (plays) {
            play(tour.get().stop().t(), next);
        } else {
            stand(next);
        }
    }

    /** The next stop or the one before, at once. */
    public void step(int by) {
        if (by > 0) {
            if (isMoving()) {
                stand(arriving);
            } else {
                stand(tour.get().next());
            }
        } else if (isMoving()) {
            stand(tour.get());
        } else {
            stand(tour.get().back());
        }
    }

    /** Shows again what led to this stop. */
    void again() {
        Tour here = isMoving() ? arriving : tour.get();
        if (here.stop().kind() == Kind.START) {
            return;
        }
        board.focus().frozenProperty().set(Optional.empty());
        play(here.before(), here);
    }

    void climb(int by) {
        stand(tour.get().climb(by));
    }

    void restart() {
        stand(tour.get().restart());
    }

    /** Goes another way at the read that is decided here, or was last, and on from there. */
    boolean choose(int n) {
        Optional<Tour> other = tour.get().choose(n);
        other.ifPresent(o -> {
            stand(o);
            goOn();
        });
        return other.isPresent();
    }

    /** Follows the next person who does something, or the one before; after the last nobody. */
    void follow(int by) {
        List<String> who = board.stage().people().stream()
                .map(Piece::id)
                .filter(id -> !board.stage().actionsOf(id).isEmpty())
                .toList();
        int now = board.focus().followedProperty().get().map(who::indexOf).orElse(-1);
        int next = Math.floorMod(now + by + 1, who.size() + 1) - 1;
        board.focus().followedProperty().set(next < 0 ? Optional.empty() : Optional.of(who.get(next)));
    }

    private void play(double from, Tour to) {
        board.focus().frozenProperty().set(Optional.empty());
        arriving = to;
        until = to.stop().t();
        board.head().atProperty().set(from);
        timer.start();
        tell();
    }

    private void move(double seconds) {
        double t = board.head().atProperty().get() + seconds * (slow.get() ? SLOW : 1);
        if (t >= until) {
            stand(arriving);
        } else {
            board.head().atProperty().set(t);
        }
    }

    /** Stands at a stop. */
    private void stand(Tour at) {
        timer.stop();
        until = Double.NaN;
        arriving = null;
        Tour before = tour.get();
        boolean sameRung = before != null && before.rung().id().equals(at.rung().id());
        if (!board.rung().equals(at.rung().id())) {
            board.climb(at.rung().id());
        }
        Choices choices = at.choices();
        if (!board.focus().choicesProperty().get().equals(choices)) {
            board.focus().choicesProperty().set(choices);
        }
        board.focus()
                .followedProperty()
                .set(board.focus()
                        .followedProperty()
                        .get()
                        .filter(id -> sameRung || at.stage().person(id).isPresent()));
        Kind kind = at.stop().kind();
        // Where something is asked, what follows has not begun.
        boolean asks = kind == Kind.FORK || kind == Kind.QUESTION || kind == Kind.ANSWER;
        board.head().atProperty().set(Math.max(0, at.stop().t() - (asks ? JUST_BEFORE : 0)));
        board.focus()
                .frozenProperty()
                .set(
                        kind == Kind.QUESTION || kind == Kind.ANSWER
                                ? Optional.of(new Focus.Frozen(at.stop().about(), kind == Kind.ANSWER))
                                : Optional.empty());
        tour.set(at);
        tell();
    }

    private void tell() {
        moving.set(isMoving());
    }

    /** Whether it is on its way to the next stop. */
    public ReadOnlyBooleanProperty movingProperty() {
        return moving.getReadOnlyProperty();
    }
}

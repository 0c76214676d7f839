package wildchalk.desktop.showme;

import java.util.Optional;
import javafx.beans.InvalidationListener;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import wildchalk.desktop.board.state.BoardState;

/** Where somebody is in what is shown: goes on as soon as a step was done on the board, however it was done. */
final class Guide {

    private final BoardState board;
    private final ReadOnlyIntegerWrapper at = new ReadOnlyIntegerWrapper(0);

    Guide(BoardState board) {
        this.board = board;
        InvalidationListener look = o -> look();
        board.changesProperty().addListener(look);
        // Read each time: a property that was not read since says nothing when it changes again.
        board.head().playingProperty().addListener((o, was, is) -> look());
        board.focus().pointedAtProperty().addListener((o, was, is) -> look());
    }

    /** How many steps were done. */
    ReadOnlyIntegerProperty atProperty() {
        return at.getReadOnlyProperty();
    }

    /** What is to be done now; empty when all was. */
    Optional<Step> step() {
        return at.get() < Step.values().length ? Optional.of(Step.values()[at.get()]) : Optional.empty();
    }

    /** Says that the words were read: whoever has no mouse cannot point at them. */
    void read() {
        if (step().filter(Step.WORDS::equals).isPresent()) {
            at.set(at.get() + 1);
        }
    }

    private void look() {
        while (step().filter(s -> s.isDone(board)).isPresent()) {
            at.set(at.get() + 1);
        }
    }
}

package wildchalk.desktop.showme;

import java.util.Locale;
import java.util.function.Predicate;
import wildchalk.core.drill.Action;
import wildchalk.desktop.board.state.BoardState;

/** What is shown, in order; each knows by the board when it was done. */
enum Step {
    PEOPLE(s -> s.stage().people().size() >= 2),
    BALL(s -> s.stage().balls().stream().anyMatch(b -> b.heldBy().isPresent())),
    PASS(s -> s.stage().actions().stream().anyMatch(Action.Pass.class::isInstance)),
    PLAY(s -> s.head().playingProperty().get()),
    WORDS(s -> !s.focus().pointedAtProperty().get().isEmpty());

    private final Predicate<BoardState> done;

    Step(Predicate<BoardState> done) {
        this.done = done;
    }

    boolean isDone(BoardState board) {
        return done.test(board);
    }

    /** By which its words are found. */
    String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}

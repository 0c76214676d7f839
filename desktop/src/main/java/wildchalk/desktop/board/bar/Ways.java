package wildchalk.desktop.board.bar;

import java.util.ArrayDeque;
import java.util.Deque;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Reads;
import wildchalk.desktop.board.state.BoardState;

/** Plays every way through a rung, one after another, until somebody stops it. */
final class Ways {

    /** Between two ways, seconds. */
    private static final double REST = 0.8;

    private final BoardState state;
    private final Deque<Choices> waiting = new ArrayDeque<>();
    private final PauseTransition rest = new PauseTransition(Duration.seconds(REST));
    private Choices last = Choices.NONE;
    private int all;

    Ways(BoardState state) {
        this.state = state;
        rest.setOnFinished(e -> next());
        state.head().playingProperty().addListener((o, was, is) -> {
            boolean over = state.head().atProperty().get() >= state.timeline().duration() - 1e-6;
            if (!is && over && !waiting.isEmpty()) {
                rest.playFromStart();
            } else if (!is && state.focus().frozenProperty().get().isEmpty()) {
                waiting.clear();
            }
        });
        state.changesProperty().addListener(o -> {
            if (!state.focus().choicesProperty().get().equals(last)) {
                waiting.clear();
                rest.stop();
            }
        });
    }

    void playAll() {
        state.head().playingProperty().set(false);
        state.head().loopingProperty().set(false);
        waiting.clear();
        waiting.addAll(Reads.ways(state.stage()));
        all = waiting.size();
        next();
    }

    private void next() {
        if (waiting.isEmpty()) {
            return;
        }
        last = waiting.poll();
        int n = all - waiting.size();
        state.focus().choicesProperty().set(last);
        state.head().atProperty().set(0);
        state.head().playingProperty().set(state.timeline().duration() > 0);
        state.announce("Way " + n + " of " + all);
    }
}

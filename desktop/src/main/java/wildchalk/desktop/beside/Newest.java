package wildchalk.desktop.beside;

import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Works questions out beside the window's thread, one at a time; of those that are asked meanwhile only the newest is
 * worked out. To be used on the window's thread.
 *
 * @param <T> what is worked out
 */
public final class Newest<T> {

    private final Consumer<T> answer;
    private Supplier<T> waiting;
    private boolean busy;
    private int forgotten;

    /** @param answer told on the window's thread */
    public Newest(Consumer<T> answer) {
        this.answer = answer;
    }

    public void ask(Supplier<T> question) {
        waiting = question;
        if (!busy) {
            work();
        }
    }

    /** Nothing that was asked so far is answered any more. */
    public void forget() {
        waiting = null;
        forgotten++;
    }

    private void work() {
        Supplier<T> question = waiting;
        int asked = forgotten;
        waiting = null;
        busy = true;
        CompletableFuture.supplyAsync(question).whenComplete((done, failed) -> Platform.runLater(() -> {
            busy = false;
            if (failed == null && asked == forgotten) {
                answer.accept(done);
            }
            if (waiting != null) {
                work();
            }
            if (failed != null) {
                throw new IllegalStateException(failed);
            }
        }));
    }
}

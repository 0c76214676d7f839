package wildchalk.desktop.background;

import java.util.concurrent.Callable;
import java.util.concurrent.Executor;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Consumer;
import javafx.application.Platform;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.desktop.trouble.TroubleLog;

/**
 * Work beside the window's thread: something is asked, and either the answer comes or the trouble, both on the window's
 * thread. Nobody can ask without saying what is done about trouble, and whatever goes wrong is written down
 * ({@link TroubleLog}).
 */
public final class Background {

    private static volatile Consumer<String> before = what -> {};

    private Background() {}

    /**
     * Works something out.
     *
     * @param what is done, in plain words that say nothing about anybody: they are written down when it fails
     * @param question worked out beside the window's thread; whatever it throws is trouble
     */
    public static <T> void work(
            String what, Callable<T> question, Consumer<? super T> answer, Consumer<Trouble> trouble) {
        work(what, ForkJoinPool.commonPool(), question, answer, trouble);
    }

    /** The same on another thread. */
    public static <T> void work(
            String what, Executor by, Callable<T> question, Consumer<? super T> answer, Consumer<Trouble> trouble) {
        by.execute(() -> {
            T done;
            try {
                before.accept(what);
                done = question.call();
            } catch (Throwable e) {
                // Errors too: whoever waits for an answer waits no less for being out of memory.
                fails(new Trouble(what, e), trouble);
                return;
            }
            Platform.runLater(() -> answer.accept(done));
        });
    }

    private static void fails(Trouble trouble, Consumer<Trouble> told) {
        TroubleLog.write(trouble);
        Platform.runLater(() -> told.accept(trouble));
    }

    /** Told of all work before it is done; what it throws, the work throws. For seeing what becomes of trouble. */
    public static void beforeEach(Consumer<String> look) {
        before = look;
    }
}

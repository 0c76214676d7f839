package wildchalk.desktop.pitchside;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;

/**
 * Lets something look at the clock again and again, on the window's thread. A timer of the window would have it drawn
 * sixty times a second, which a battery pays for.
 */
final class Ticker implements AutoCloseable {

    /** How often, milliseconds. */
    private static final int EACH = 50;

    private final ScheduledExecutorService thread = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread t = new Thread(r, "pitchside");
        t.setDaemon(true);
        return t;
    });
    private final AtomicBoolean waiting = new AtomicBoolean();

    Ticker(Runnable tick) {
        thread.scheduleAtFixedRate(
                () -> {
                    // A window that is busy looks once when it is free again.
                    if (waiting.compareAndSet(false, true)) {
                        Platform.runLater(() -> {
                            waiting.set(false);
                            if (!thread.isShutdown()) {
                                tick.run();
                            }
                        });
                    }
                },
                EACH,
                EACH,
                TimeUnit.MILLISECONDS);
    }

    @Override
    public void close() {
        thread.shutdownNow();
    }
}

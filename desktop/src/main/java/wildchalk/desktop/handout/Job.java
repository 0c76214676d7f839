package wildchalk.desktop.handout;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import wildchalk.desktop.background.Background;
import wildchalk.handout.order.Cancelled;
import wildchalk.handout.order.Delivery;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Progress;
import wildchalk.handout.order.Undelivered;

/** A hand-out while it is made, beside the window's thread. */
final class Job implements Progress {

    /** Told to the window no more often than this, nanoseconds. */
    private static final long TELL = 80_000_000;
    /** Before this nothing can be said about how long it takes, seconds. */
    private static final double SOON = 0.8;

    private final ReadOnlyDoubleWrapper done = new ReadOnlyDoubleWrapper();
    private final ReadOnlyStringWrapper left = new ReadOnlyStringWrapper("");
    private final long begun = System.nanoTime();
    private volatile boolean cancelled;
    private long told;

    /** @param then told on the window's thread how it came out: empty when the file is there, else why not */
    static Job start(HandOut kind, Order order, Path target, Consumer<String> then) {
        Job job = new Job();
        Background.work(
                "making a hand-out",
                () -> job.work(kind, order, target),
                then,
                trouble ->
                        then.accept("It could not be made. Nothing was written, and the drill is safe in the book."));
        return job;
    }

    private String work(HandOut kind, Order order, Path target) {
        try {
            Delivery.deliver(target, part -> kind.write(order, part, this));
            return "";
        } catch (Cancelled | Undelivered e) {
            return e.getMessage();
        }
    }

    void cancel() {
        cancelled = true;
    }

    @Override
    public boolean isCancelled() {
        return cancelled;
    }

    @Override
    public void done(double share) {
        long now = System.nanoTime();
        if (now - told < TELL && share < 1) {
            return;
        }
        told = now;
        double spent = (now - begun) / 1e9;
        String words = spent < SOON || share <= 0 || share >= 1
                ? ""
                : "about " + Math.max(1, Math.round(spent * (1 - share) / share)) + " s left";
        Platform.runLater(() -> {
            done.set(share);
            left.set(words);
        });
    }

    ReadOnlyDoubleProperty doneProperty() {
        return done.getReadOnlyProperty();
    }

    ReadOnlyStringProperty leftProperty() {
        return left.getReadOnlyProperty();
    }
}

package wildchalk.desktop.paint;

import java.util.function.DoubleConsumer;
import javafx.animation.AnimationTimer;

/** Tells how much time went by, with each frame from the second one on. */
public final class EachFrame extends AnimationTimer {

    private final DoubleConsumer seconds;
    private long before;

    public EachFrame(DoubleConsumer seconds) {
        this.seconds = seconds;
    }

    @Override
    public void start() {
        before = 0;
        super.start();
    }

    @Override
    public void handle(long now) {
        if (before > 0) {
            seconds.accept((now - before) / 1e9);
        }
        before = now;
    }
}

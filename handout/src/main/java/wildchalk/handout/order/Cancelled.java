package wildchalk.handout.order;

import java.io.IOException;

/** Whoever ordered a hand-out wants it no longer. */
public final class Cancelled extends IOException {

    public Cancelled() {
        super("It was stopped; nothing was written.");
    }
}

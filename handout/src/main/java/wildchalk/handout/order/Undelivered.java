package wildchalk.handout.order;

import java.io.IOException;

/** A hand-out could not be put where it was wanted; the message says why and what to do. */
public final class Undelivered extends IOException {

    public Undelivered(String message, Throwable cause) {
        super(message, cause);
    }
}

package wildchalk.core.drill;

import java.util.Optional;

/**
 * How a ball is sent.
 *
 * @param manner how the ball goes
 * @param force how hard
 * @param called what that is called in the sport; empty for a pass
 * @param strike with which hand or foot, and at what
 */
public record Sending(Action.Manner manner, Force force, Optional<String> called, Strike strike) {

    /** Straight there and as usual. */
    public static final Sending USUAL = new Sending(Action.Manner.FLAT, Force.USUAL, Optional.empty());

    /** Of whose hands and feet nobody says anything. */
    public Sending(Action.Manner manner, Force force, Optional<String> called) {
        this(manner, force, called, Strike.PLAIN);
    }

    /** The same struck otherwise. */
    public Sending struck(Strike other) {
        return new Sending(manner, force, called, other);
    }
}

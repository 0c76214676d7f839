package wildchalk.core.drill;

import java.util.Optional;

/**
 * How a ball is sent.
 *
 * @param manner how the ball goes
 * @param force how hard
 * @param called what that is called in the sport; empty for a pass
 */
public record Sending(Action.Manner manner, Force force, Optional<String> called) {

    /** Straight there and as usual. */
    public static final Sending USUAL = new Sending(Action.Manner.FLAT, Force.USUAL, Optional.empty());
}

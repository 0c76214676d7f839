package wildchalk.core.rehearsal;

import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Flight;

/**
 * A ball on its way; found again by the action that sent it.
 *
 * @param taker who meets it: whom a pass is for, or the keeper who saves a shot
 */
record Sent(Delivery delivery, String ball, Flight flight, int version, Optional<String> taker) {

    Vec from() {
        return flight.way().get(0);
    }

    double release() {
        return flight.start();
    }

    double arrival() {
        return flight.end();
    }

    /** Whether it is a shot that is to be saved and nobody is there to do so. */
    boolean isUnsaved() {
        return delivery instanceof Action.Shot s && s.result() == Action.Result.SAVED && taker.isEmpty();
    }
}

package wildchalk.core.setout;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;

/**
 * The set-out sheet.
 *
 * @param bag where the gear is carried from
 * @param bagName that place in words
 * @param steps in walking order
 * @param walk metres walked in all, with the ways back to the bag between trips
 * @param trips how often somebody sets off with full hands
 * @param seconds how long one person takes, about
 */
public record Sheet(Vec bag, String bagName, List<Step> steps, double walk, int trips, double seconds) {

    public Sheet {
        steps = List.copyOf(steps);
    }

    /**
     * One piece to put down.
     *
     * @param n counted from 1
     * @param name no other piece on the sheet has it
     * @param trip counted from 1
     * @param tape how to measure it with a tape
     * @param paces how to step it; empty where stepping is not fine enough
     */
    public record Step(int n, Piece piece, String name, int trip, Measured tape, Optional<Measured> paces) {}
}

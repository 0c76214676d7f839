package wildchalk.core.check.rep;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import wildchalk.core.check.Typical.Warmth;
import wildchalk.core.drill.GearKind;

/**
 * What an evening adds to a drill.
 *
 * @param wet whether ground that can be slippery is
 * @param tonight who and what is there; empty where nothing is known of it
 */
public record Conditions(Warmth warmth, boolean wet, Optional<Tonight> tonight) {

    /** An evening of which nothing is said. */
    public static final Conditions USUAL = new Conditions(Warmth.MILD, false, Optional.empty());

    /**
     * Who and what is there.
     *
     * @param people who can play; empty where they were not counted
     * @param balls all of them; empty where they were not counted
     * @param gear so many of each kind that was counted
     */
    public record Tonight(OptionalInt people, OptionalInt balls, Map<GearKind, Integer> gear) {
        public Tonight {
            gear = Map.copyOf(gear);
        }
    }

    /** The same, so warm. */
    public Conditions in(Warmth other) {
        return new Conditions(other, wet, tonight);
    }

    /** The same, wet or dry. */
    public Conditions wet(boolean now) {
        return new Conditions(warmth, now, tonight);
    }

    /** The same with others there. */
    public Conditions with(Tonight others) {
        return new Conditions(warmth, wet, Optional.of(others));
    }
}

package wildchalk.core.waiting;

import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.implied.Needs;
import wildchalk.core.edit.Placement;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.Waits;

/**
 * A change that was tried and helps.
 *
 * @param words what is done, a sentence or two
 * @param edit of the drill; empty where nothing is drawn or said otherwise
 * @param asked who plays then, and for how long
 * @param copies where copies stand that there were not, the first one as drawn; empty where there are no more
 */
public record Help(
        Kind kind,
        String words,
        Optional<Edit<Drill>> edit,
        Flows.Asked asked,
        List<Placement> copies,
        Saving saving,
        Price price) {

    public Help {
        copies = List.copyOf(copies);
    }

    /** What it saves. */
    public record Saving(Waits before, Waits after) {

        /** Seconds of waiting, everybody together, on average. */
        public double seconds() {
            return before.each() - after.each();
        }

        /** The share of all waiting, 0 to 1. */
        public double share() {
            return before.each() > 0 ? seconds() / before.each() : 0;
        }
    }

    /**
     * What it costs.
     *
     * @param gear what has to be put down besides, counted, and how many balls it takes more
     * @param coaches how many more
     * @param ground what each copy takes, metres; empty where there is only one
     * @param crossings how much oftener people of two reps come near each other at speed
     * @param met those who do, one of each two
     */
    public record Price(Needs gear, int coaches, Optional<Ground> ground, int crossings, List<Flow.Meeting> met) {
        public Price {
            met = List.copyOf(met);
        }
    }

    /** Metres along the surface and across it. */
    public record Ground(double along, double across) {}
}

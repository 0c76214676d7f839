package wildchalk.core.phase;

import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.timeline.Timeline;

/**
 * What is on one picture.
 *
 * @param way on which it happens
 * @param t when it begins, seconds after the whistle on that way; 0 for the beginning
 * @param first what stands before the first of its lines in the words, "5" or "5a"; empty where it has none
 * @param last the same of the last
 * @param actions ids of what is done in it, and of what could be done instead
 * @param why what made the program begin a picture here
 * @param option the option that it follows; empty for the way that is taken
 * @param station id of the station that it is about; empty for none, or all
 */
public record Phase(
        Timeline way,
        double t,
        String first,
        String last,
        Set<String> actions,
        Why why,
        Optional<Option> option,
        Optional<String> station) {

    /** What begins a phase. */
    public enum Why {
        /** All of it: where everything stands, and the first beats. */
        START,
        /** Somebody decides. */
        READ,
        /** The other team has the ball. */
        TURN,
        /** Another ball comes into play. */
        NEW_BALL,
        /** It goes over half-way. */
        FAR_HALF,
        /** Nothing; there were enough beats on the picture before. */
        ENOUGH
    }

    public Phase {
        actions = Set.copyOf(actions);
    }

    /** The same with other things done in it. */
    Phase with(Set<String> others) {
        return new Phase(way, t, first, last, others, why, option, station);
    }
}

package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;

/** A rule of the game in a stage, which the rehearsal keeps an eye on. */
public sealed interface Limit extends Instruction {

    /**
     * So many at most.
     *
     * @param most 0 or more
     * @param who id of the one person it is about; empty for everybody
     */
    record AtMost(String id, Counted counted, int most, Optional<String> who) implements Limit {
    }

    /** What is counted. */
    enum Counted {
        /** Of the ball, each time one person has it. */
        TOUCHES,
        /** Each time one person has the ball. */
        DRIBBLES,
        /** In the rep. */
        PASSES,
        /** In the rep. */
        SHOTS
    }

    /**
     * So many passes before a shot counts, or before a ball crosses a line.
     *
     * @param line id of the straight line; empty for a shot
     */
    record PassesFirst(String id, int passes, Optional<String> line) implements Limit {
    }

    /** A ball is brought or played into a zone so many times before a shot counts. */
    record EntriesFirst(String id, int entries, String zone) implements Limit {
    }

    /**
     * A shot, or a ball in a zone, within some seconds.
     *
     * @param seconds over 0
     * @param zone id of the zone; empty for a shot
     * @param from what the clock starts with; empty for the whistle
     */
    record Within(String id, double seconds, Optional<String> zone, Optional<Cue.Trigger> from) implements Limit {
    }

    /** A zone that only some may enter. */
    record OnlyIn(String id, String zone, List<String> who) implements Limit {
        public OnlyIn {
            who = List.copyOf(who);
        }
    }

    /** Somebody may not touch a ball before a moment. */
    record NotBefore(String id, String who, Cue.Trigger moment) implements Limit {
    }
}

package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;

/** A rule of the game in a stage, which the rehearsal keeps an eye on. */
public sealed interface Limit extends Instruction {

    /** What is said of this kind of limit. */
    <R> R matchLimit(LimitCases<R> cases);

    @Override
    default <R> R match(Cases<R> cases) {
        return cases.limit(this);
    }

    /**
     * So many at most.
     *
     * @param most 0 or more
     * @param who id of the one person it is about; empty for everybody
     */
    record AtMost(String id, Counted counted, int most, Optional<String> who) implements Limit {
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.atMost(this);
        }

        @Override
        public AtMost withId(String newId) {
            return new AtMost(newId, counted, most, who);
        }
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
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.passesFirst(this);
        }

        @Override
        public PassesFirst withId(String newId) {
            return new PassesFirst(newId, passes, line);
        }
    }

    /** A ball is brought or played into a zone so many times before a shot counts. */
    record EntriesFirst(String id, int entries, String zone) implements Limit {
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.entriesFirst(this);
        }

        @Override
        public EntriesFirst withId(String newId) {
            return new EntriesFirst(newId, entries, zone);
        }
    }

    /**
     * A shot, or a ball in a zone, within some seconds.
     *
     * @param seconds over 0
     * @param zone id of the zone; empty for a shot
     * @param from what the clock starts with; empty for the whistle
     */
    record Within(String id, double seconds, Optional<String> zone, Optional<Cue.Trigger> from) implements Limit {
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.within(this);
        }

        @Override
        public Within withId(String newId) {
            return new Within(newId, seconds, zone, from);
        }
    }

    /** A zone that only some may enter. */
    record OnlyIn(String id, String zone, List<String> who) implements Limit {
        public OnlyIn {
            who = List.copyOf(who);
        }

        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.onlyIn(this);
        }

        @Override
        public OnlyIn withId(String newId) {
            return new OnlyIn(newId, zone, who);
        }
    }

    /** Somebody may not touch a ball before a moment. */
    record NotBefore(String id, String who, Cue.Trigger moment) implements Limit {
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.notBefore(this);
        }

        @Override
        public NotBefore withId(String newId) {
            return new NotBefore(newId, who, moment);
        }
    }
}

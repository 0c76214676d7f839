package wildchalk.core.drill;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import wildchalk.core.effort.Effort;

/** What is so before anything happens: how people start, how far on they are, and what their age changes. */
public sealed interface Given extends Game {

    /** How somebody starts. */
    record Starts(String id, Whom whom, Low low) implements Given {
        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.starts(this);
        }

        @Override
        public Starts withId(String newId) {
            return new Starts(newId, whom, low);
        }

        /** Others start so. */
        public Starts by(Whom others) {
            return new Starts(id, others, low);
        }

        /** They start otherwise. */
        public Starts as(Low other) {
            return new Starts(id, whom, other);
        }
    }

    /** A way of not standing ready. */
    enum Low {
        LYING,
        KNEELING,
        /** Standing, with the back to the ball; to the middle of all others where there is none. */
        BACK_TURNED
    }

    /**
     * How far on some are, and how fast they go, on a rung.
     *
     * @param level how far on; empty for as everybody
     * @param pace share of the speed of such people, over 0 and at most 1
     */
    record Ability(String id, Whom whom, Optional<Effort.Level> level, double pace) implements Given {
        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.ability(this);
        }

        @Override
        public Ability withId(String newId) {
            return new Ability(newId, whom, level, pace);
        }

        /** The same of others. */
        public Ability by(Whom others) {
            return new Ability(id, others, level, pace);
        }

        /** They are so far on; empty for as everybody. */
        public Ability level(Optional<Effort.Level> other) {
            return new Ability(id, whom, other, pace);
        }

        /** They go at that share of their speed. */
        public Ability pace(double share) {
            return new Ability(id, whom, level, share);
        }
    }

    /**
     * A number that follows the age: how many touches, how far off somebody or something stands.
     *
     * @param of id of the limit of which it is the number, or of the person or piece whose distance it is
     * @param from id of the piece or name of the target that the distance is measured from; empty for a limit
     * @param steps the number for each age that has one of its own; for others it stays as it is
     */
    record ByAge(String id, String of, Optional<String> from, Map<Effort.Level, Double> steps) implements Given {
        public ByAge {
            steps = Collections.unmodifiableMap(new TreeMap<>(steps));
        }

        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.byAge(this);
        }

        @Override
        public ByAge withId(String newId) {
            return new ByAge(newId, of, from, steps);
        }

        /** The same with another number for an age; empty for none of its own. */
        public ByAge step(Effort.Level level, Optional<Double> number) {
            Map<Effort.Level, Double> others = new TreeMap<>(steps);
            others.remove(level);
            number.ifPresent(n -> others.put(level, n));
            return new ByAge(id, of, from, others);
        }
    }
}

package wildchalk.core.drill;

import java.util.Optional;
import java.util.OptionalDouble;

/** When the next rep begins; never before its roles are filled. */
public sealed interface When {

    /** Seconds from whistle to whistle; empty where nothing is blown. */
    default OptionalDouble every() {
        return OptionalDouble.empty();
    }

    /** The moment of the rep before; empty where none is. */
    default Optional<Cue> at() {
        return Optional.empty();
    }

    /** The word that is called; empty where nobody calls. */
    default Optional<String> called() {
        return Optional.empty();
    }

    /**
     * The whistle goes every so many seconds.
     *
     * @param seconds over 0
     */
    record Every(double seconds) implements When {
        @Override
        public OptionalDouble every() {
            return OptionalDouble.of(seconds);
        }
    }

    /** At a moment of the rep before. */
    record At(Cue moment) implements When {
        @Override
        public Optional<Cue> at() {
            return Optional.of(moment);
        }
    }

    /** When the rep before is over and all are ready. */
    record Ready() implements When {}

    /** When somebody calls, who does so when all are ready. */
    record Called(String word) implements When {
        @Override
        public Optional<String> called() {
            return Optional.of(word);
        }
    }
}

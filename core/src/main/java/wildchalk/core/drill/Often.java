package wildchalk.core.drill;

import java.util.OptionalDouble;
import java.util.OptionalInt;

/** How often something happens. */
public sealed interface Often {

    /** How often in all; empty where a whistle ends it. */
    default OptionalInt number() {
        return OptionalInt.empty();
    }

    /** Seconds after the rep began at which the whistle ends it; empty where it is counted. */
    default OptionalDouble until() {
        return OptionalDouble.empty();
    }

    /** @param n how often in all, over 1 */
    record Times(int n) implements Often {
        @Override
        public OptionalInt number() {
            return OptionalInt.of(n);
        }
    }

    /**
     * Until the whistle.
     *
     * @param seconds after the rep began, over 0
     */
    record UntilWhistle(double seconds) implements Often {
        @Override
        public OptionalDouble until() {
            return OptionalDouble.of(seconds);
        }
    }
}

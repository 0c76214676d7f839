package wildchalk.core.timeline;

import java.util.Optional;
import wildchalk.core.drill.Choices;

/** The ways through a stage beside the one that a timeline is of: what would happen if somebody decided otherwise. */
public interface OtherWays {

    /** Where nothing is decided. */
    OtherWays NONE = new OtherWays() {
        @Override
        public Choices settled() {
            return Choices.NONE;
        }

        @Override
        public Optional<Timeline> going(String read, String option) {
            return Optional.empty();
        }

        @Override
        public Optional<Timeline> playing(String action) {
            return Optional.empty();
        }

        @Override
        public Optional<Timeline> chosen(Choices choices) {
            return Optional.empty();
        }
    };

    /** Which way every read goes that was chosen or worked out. */
    Choices settled();

    /**
     * The same stage with one read going an option, and those in which it arises going so that it does.
     *
     * @param read id of the read; of a contested ball, for who wins it
     * @param option id of the option
     * @return empty where nothing is decided
     */
    Optional<Timeline> going(String read, String option);

    /**
     * The way on which an action happens for which the fewest decide otherwise; empty when it happens on none that
     * differ in one decision or two.
     */
    Optional<Timeline> playing(String action);

    /** The same stage with reads going the way they are chosen, as looked at; empty where nothing is decided. */
    Optional<Timeline> chosen(Choices choices);
}

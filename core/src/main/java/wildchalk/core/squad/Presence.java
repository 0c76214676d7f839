package wildchalk.core.squad;

import java.time.LocalTime;
import java.util.Optional;

/**
 * Whether somebody is there on an evening, and how.
 *
 * @param from for those who come late, when they said that they would come; empty where they did not say
 */
public record Presence(State state, Optional<LocalTime> from) {

    /** Whether somebody is there, and how. */
    public enum State {
        THERE(true, false),
        LATE(true, false),
        /** Not heard from yet; they are counted among those who are there until they are. */
        UNHEARD(true, false),
        NO_CONTACT(true, true),
        NO_RUNNING(true, true),
        KEEPS_TIME(false, true),
        AWAY(false, false);

        private final boolean plays;
        private final boolean easy;

        State(boolean plays, boolean easy) {
            this.plays = plays;
            this.easy = easy;
        }

        /** Whether they are put into a group. */
        public boolean plays() {
            return plays;
        }

        /** Whether they take it easy. */
        public boolean isEasy() {
            return easy;
        }
    }

    public static final Presence THERE = new Presence(State.THERE, Optional.empty());

    /** In a state that has no time. */
    public static Presence of(State state) {
        return new Presence(state, Optional.empty());
    }
}

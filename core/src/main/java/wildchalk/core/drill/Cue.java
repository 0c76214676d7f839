package wildchalk.core.drill;

import java.util.Optional;

/**
 * What sets an action off.
 *
 * @param delay seconds to wait after it; not negative
 */
public record Cue(Trigger trigger, double delay) {

    /** The moment that is waited for. */
    public sealed interface Trigger {

        /** The action whose moment this is; empty for the whistle and for going on. */
        default Optional<String> of() {
            return Optional.empty();
        }
    }

    /** The start of the rep. */
    public record Whistle() implements Trigger {
    }

    /** The start of another action. */
    public record With(String action) implements Trigger {
        @Override
        public Optional<String> of() {
            return Optional.of(action);
        }
    }

    /** A pass or shot has got where it goes. */
    public record Received(String action) implements Trigger {
        @Override
        public Optional<String> of() {
            return Optional.of(action);
        }
    }

    /** The end of another action. */
    public record After(String action) implements Trigger {
        @Override
        public Optional<String> of() {
            return Optional.of(action);
        }
    }

    /** The end of the same person's action before this one; the whistle when there is none. */
    public record Next() implements Trigger {
    }

    public static Cue whistle() {
        return new Cue(new Whistle(), 0);
    }

    public static Cue with(String action) {
        return new Cue(new With(action), 0);
    }

    public static Cue received(String action) {
        return new Cue(new Received(action), 0);
    }

    public static Cue after(String action) {
        return new Cue(new After(action), 0);
    }

    public static Cue next() {
        return new Cue(new Next(), 0);
    }

    public Cue delayed(double seconds) {
        return new Cue(trigger, seconds);
    }
}

package wildchalk.handout.clip;

import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.RepsPlayed;

/** A part of a clip during which one thing is shown. */
sealed interface Shot {

    double seconds();

    /** Words alone, between rungs and ways. */
    record Title(String words, String below, double seconds) implements Shot {}

    /**
     * A rung that plays, or stands still where {@code from} is {@code to}.
     *
     * @param from seconds after the whistle, as is {@code to}
     */
    record Play(Played played, double from, double to, double seconds) implements Shot {

        /** Seconds after the whistle, so far into the shot. */
        double t(double into) {
            return from + (to - from) * Math.min(1, into / seconds);
        }
    }

    /** A freeze, with its question or its answer. */
    record Frozen(Played played, double t, Freeze freeze, boolean answered, double seconds) implements Shot {}

    /** Several reps one after another, with people moving on, from the first whistle on. */
    record Many(Played played, RepsPlayed reps, double seconds) implements Shot {

        /** Seconds after the first whistle, so far into the shot. */
        double t(double into) {
            return reps.seconds() * Math.min(1, into / seconds);
        }
    }
}

package wildchalk.core.flow;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Rotation;
import wildchalk.core.effort.Dose;

/**
 * When sides that are taken in turn change.
 *
 * @param turn how long one side is played; empty for a rep
 * @param dose the rung's own length; empty where nothing is said of it
 */
record SideTurns(Optional<Rotation.Turn> turn, Optional<Dose> dose) {

    /**
     * Whether a rep is played on the other side.
     *
     * @param n how many reps were before it
     * @param t when it is due, seconds
     */
    boolean isOther(int n, double t) {
        if (turn.isEmpty()) {
            return n % 2 == 1;
        }
        double length = turn.get().n();
        return switch (turn.get().length()) {
            case REPS -> odd(n / length);
            case MINUTES -> odd(t / (length * 60) + 1e-9);
            case AS_THE_RUNG_SAYS -> dose.map(d -> said(d.turns(), n, t)).orElse(n % 2 == 1);
        };
    }

    private static boolean odd(double turns) {
        return (long) turns % 2 == 1;
    }

    /** Turn after turn of what is said, again and again. */
    private static boolean said(List<Dose.Turn> turns, int n, double t) {
        boolean counted = turns.stream().allMatch(d -> d.measure() == Dose.Measure.TIMES);
        double left = counted ? n + 0.5 : t + 1e-9;
        for (int i = 0; ; i++) {
            Dose.Turn next = turns.get(i % turns.size());
            left -= counted ? next.amount() : seconds(next);
            if (left < 0) {
                return i % 2 == 1;
            }
        }
    }

    /** What is counted among what is timed takes a minute; assumed. */
    private static double seconds(Dose.Turn turn) {
        return switch (turn.measure()) {
            case MINUTES -> turn.amount() * 60;
            case SECONDS -> turn.amount();
            case TIMES -> 60;
        };
    }
}

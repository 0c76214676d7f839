package wildchalk.core.check.rep;

import java.util.function.DoubleFunction;
import wildchalk.core.geometry.Vec;

/**
 * The moment at which a ball in flight is nearest to somebody.
 *
 * @param t seconds after the whistle
 * @param metres from its middle to that of a body
 */
public record Flying(double t, double metres) {

    /** A ball goes no farther than this between two looks, metres. */
    private static final double STEP = 0.6;
    /** No ball flies farther than so many looks take it. */
    private static final double MOST_LOOKS = 400;
    /** Looks in between, once it is near. */
    private static final int CLOSE_LOOKS = 12;

    /**
     * Looks all along a flight.
     *
     * @param somebody where they are at a time
     */
    public static Flying nearest(Rep rep, BallFlight flight, DoubleFunction<Vec> somebody) {
        double time = flight.to() - flight.from();
        int looks = Math.max(2, (int) Math.min(MOST_LOOKS, Math.ceil(flight.length() / STEP)));
        Flying best = new Flying(flight.from(), Double.POSITIVE_INFINITY);
        for (int i = 0; i <= looks; i++) {
            best = nearer(best, look(rep, flight, somebody, flight.from() + time * i / looks));
        }
        if (best.metres > 2 * STEP) {
            return best;
        }
        double each = time / looks;
        double from = best.t - each;
        for (int i = 0; i <= 2 * CLOSE_LOOKS; i++) {
            double t = Math.max(flight.from(), Math.min(flight.to(), from + each * i / CLOSE_LOOKS));
            best = nearer(best, look(rep, flight, somebody, t));
        }
        return best;
    }

    private static Flying look(Rep rep, BallFlight flight, DoubleFunction<Vec> somebody, double t) {
        // Just before it is met it is still on its way.
        double seen = Math.min(t, flight.to() - 1e-6);
        return new Flying(t, rep.timeline().ball(flight.ball(), seen).distance(somebody.apply(t)));
    }

    private static Flying nearer(Flying a, Flying b) {
        return b.metres < a.metres ? b : a;
    }
}

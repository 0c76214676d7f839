package wildchalk.core.motion;

import java.util.function.DoubleUnaryOperator;
import java.util.function.IntToDoubleFunction;

/**
 * Where a body faces: where it is to, but turned there no faster than a body turns. A turn that is foreseen begins
 * before the moment at which it should be done and is over after it.
 */
final class Nose {

    /** Fastest turn of a body, radians per second; assumed. */
    static final double FASTEST = 9;

    /** How often one looks, seconds. */
    static final double STEP = 0.05;
    /** Steps in which the longest way round is turned: once about and a half. */
    private static final int STEPS = 24;

    private Nose() {}

    /**
     * Where it faces at a time, radians.
     *
     * @param wanted where it should face at a time, radians
     * @param steps the same after so many steps of {@value #STEP} s, which is asked for again and again
     */
    static double at(double time, DoubleUnaryOperator wanted, IntToDoubleFunction steps) {
        double now = wanted.applyAsDouble(time);
        double since = trailing(time, -1, steps, now);
        double ahead = trailing(time, 1, steps, now);
        return since == ahead ? since : since + (ahead - since) / 2;
    }

    /**
     * Follows what was wanted a step ago as fast as it goes, from before a time or back from after it; the two lag by
     * as much, one this way and one that. Turned from {@code now}.
     */
    private static double trailing(double time, int from, IntToDoubleFunction wanted, double now) {
        int step = (int) Math.floor(time / STEP) + (from > 0 ? 1 : 0);
        double grid = step * STEP;
        double last = wanted.applyAsDouble(step + from * STEPS);
        double nose = last;
        double whole = last;
        double most = FASTEST * STEP;
        for (int i = STEPS - 1; i >= 0; i--) {
            nose += Math.max(-most, Math.min(most, whole - nose));
            double next = wanted.applyAsDouble(step + from * i);
            double turned = next - last;
            // The remainder is slow, and hardly ever another than what it is of.
            whole += Math.abs(turned) < Math.PI ? turned : Math.IEEEremainder(turned, 2 * Math.PI);
            last = next;
        }
        nose += Math.max(-most, Math.min(most, whole - nose)) * Math.abs(time - grid) / STEP;
        // By how much it lags, seen from where it should face now.
        return now + nose - whole - Math.IEEEremainder(now - last, 2 * Math.PI);
    }
}

package wildchalk.core.motion;

import java.util.function.DoubleUnaryOperator;

/**
 * Where a body faces: where it is to, but turned there no faster than a body turns. A turn that is foreseen begins
 * before the moment at which it should be done and is over after it.
 */
final class Nose {

    /** Fastest turn of a body, radians per second; assumed. */
    static final double FASTEST = 9;

    /** How often one looks, seconds. */
    private static final double STEP = 0.05;
    /** Steps in which the longest way round is turned: once about and a half. */
    private static final int STEPS = 24;

    private Nose() {}

    /**
     * Where it faces at a time, radians.
     *
     * @param wanted where it should face at a time, radians
     */
    static double at(double time, DoubleUnaryOperator wanted) {
        double now = wanted.applyAsDouble(time);
        double since = trailing(time, -1, wanted, now);
        double ahead = trailing(time, 1, wanted, now);
        return since == ahead ? since : since + (ahead - since) / 2;
    }

    /**
     * Follows what was wanted a step ago as fast as it goes, from before a time or back from after it; the two lag by
     * as much, one this way and one that. Turned from {@code now}.
     */
    private static double trailing(double time, int from, DoubleUnaryOperator wanted, double now) {
        double grid = Math.floor(time / STEP) * STEP + (from > 0 ? STEP : 0);
        double last = wanted.applyAsDouble(grid + from * STEPS * STEP);
        double nose = last;
        double whole = last;
        double most = FASTEST * STEP;
        for (int i = STEPS - 1; i >= 0; i--) {
            nose += Math.max(-most, Math.min(most, whole - nose));
            double next = wanted.applyAsDouble(grid + from * i * STEP);
            whole += Math.IEEEremainder(next - last, 2 * Math.PI);
            last = next;
        }
        nose += Math.max(-most, Math.min(most, whole - nose)) * Math.abs(time - grid) / STEP;
        // By how much it lags, seen from where it should face now.
        return now + nose - whole - Math.IEEEremainder(now - last, 2 * Math.PI);
    }
}

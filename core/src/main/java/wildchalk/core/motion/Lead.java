package wildchalk.core.motion;

import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;
import wildchalk.core.geometry.Vec;

/** Aims a ball where someone who moves will be when it gets there. */
public final class Lead {

    private static final double LOOK_EVERY = 0.05;
    private static final double LOOK_UP_TO = 60;
    private static final double FINE = 1e-6;

    private Lead() {}

    /**
     * The first moment that is found at which ball and receiver can be at one place, to 10⁻⁶ s. It is looked for every
     * {@value #LOOK_EVERY} s: a chance that is over sooner than that is passed over. After {@value #LOOK_UP_TO} s
     * nobody looks any further, and the ball goes to where the receiver is then.
     *
     * @param from where the ball leaves
     * @param release when it leaves, seconds
     * @param receiver where the receiver is at a time
     * @return seconds on the same clock as {@code release}
     */
    public static double meeting(Vec from, double release, DoubleFunction<Vec> receiver, BallMotion motion) {
        return meeting(release, t -> from.distance(receiver.apply(t)), motion);
    }

    /**
     * The same for a ball that does not go straight.
     *
     * @param length metres that the ball has to go to meet the receiver at a time
     */
    public static double meeting(double release, DoubleUnaryOperator length, BallMotion motion) {
        double before = 0;
        double after = 0;
        while (late(release, length, motion, after) > 0 && after < LOOK_UP_TO) {
            before = after;
            after += LOOK_EVERY;
        }
        return release + Halving.begin(t -> late(release, length, motion, t) <= 0, before, after, FINE);
    }

    /** By how many seconds the ball would come too late to meet the receiver {@code flight} seconds after release. */
    private static double late(double release, DoubleUnaryOperator length, BallMotion motion, double flight) {
        return motion.time(length.applyAsDouble(release + flight)) - flight;
    }
}

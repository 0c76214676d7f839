package wildchalk.core.motion;

import java.util.function.DoublePredicate;

/** Finds the moment at which something begins to hold, by halving. */
public final class Halving {

    private Halving() {}

    /**
     * The moment between one at which something does not hold and one at which it does; it holds there.
     *
     * @param fine how near that is to where it begins to hold, over 0
     */
    public static double begin(DoublePredicate holds, double from, double to, double fine) {
        double before = from;
        double after = to;
        while (after - before > fine) {
            double middle = (before + after) / 2;
            if (holds.test(middle)) {
                after = middle;
            } else {
                before = middle;
            }
        }
        return after;
    }
}

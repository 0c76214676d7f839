package wildchalk.core.rehearsal;

import wildchalk.core.Stages;
import wildchalk.core.motion.Speeds;

/** x(t) = v·(t − τ(1 − e^(−t/τ))): from rest, without stopping at the end, on turf. */
final class ClosedForm {

    private ClosedForm() {}

    /** Seconds for a distance, by halving. */
    static double secondsFor(double metres, double top) {
        double tau = Speeds.of(Stages.TURF).settle();
        double low = 0;
        double high = 60;
        for (int i = 0; i < 80; i++) {
            double t = (low + high) / 2;
            if (top * (t - tau * (1 - Math.exp(-t / tau))) < metres) {
                low = t;
            } else {
                high = t;
            }
        }
        return low;
    }
}

package wildchalk.core.measure;

import java.util.Locale;

/** Times as shown: to a tenth of a second. */
public final class Clock {

    private Clock() {
    }

    /** "3.1 s" */
    public static String seconds(double t) {
        return String.format(Locale.ROOT, "%.1f s", Math.abs(t) < 0.05 ? 0.0 : t);
    }
}

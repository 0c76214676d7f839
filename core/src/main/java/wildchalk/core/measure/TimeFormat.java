package wildchalk.core.measure;

/** Times as shown: to a tenth of a second. */
public final class TimeFormat {

    private TimeFormat() {}

    /** "3.1 s" */
    public static String seconds(double t) {
        return Numbers.tenths(t) + " s";
    }
}

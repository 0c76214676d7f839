package wildchalk.core.measure;

/** A unit that lengths are shown in; inside, every length is in metres. */
public enum Unit {
    METRES("m", 1),
    YARDS("yd", 0.9144),
    FEET("ft", 0.3048);

    private final String sign;
    private final double metres;

    Unit(String sign, double metres) {
        this.sign = sign;
        this.metres = metres;
    }

    /** As it stands behind a number: "m". */
    public String sign() {
        return sign;
    }

    /** Metres to one of it. */
    public double metres() {
        return metres;
    }

    /** To one decimal, as on a tape: "18.0 m". */
    public String exact(double lengthInMetres) {
        return Numbers.tenths(lengthInMetres / metres) + " " + sign;
    }

    /** As a coach says it: "22 m"; halves below 3. */
    public String spoken(double lengthInMetres) {
        double n = lengthInMetres / metres;
        double rounded = n < 3 ? Math.round(n * 2) / 2.0 : Math.round(n);
        String number = rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Numbers.tenths(rounded);
        return number + " " + sign;
    }
}

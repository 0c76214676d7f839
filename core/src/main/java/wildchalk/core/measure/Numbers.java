package wildchalk.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as they are said. */
public final class Numbers {

    private Numbers() {}

    /** To one decimal: "3.0", "-0.5". A board tells hundreds of times anew, and formats take long. */
    public static String tenths(double n) {
        long tenths = Math.round(Math.abs(n) * 10);
        return (n < 0 && tenths > 0 ? "-" : "") + tenths / 10 + "." + tenths % 10;
    }

    /** At most two decimals and no more than are needed: "7", "7.5", "0.25". */
    public static String plain(double n) {
        return BigDecimal.valueOf(n)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}

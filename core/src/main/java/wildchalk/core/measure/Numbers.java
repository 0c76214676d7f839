package wildchalk.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as they are said. */
public final class Numbers {

    private Numbers() {
    }

    /** At most two decimals and no more than are needed: "7", "7.5", "0.25". */
    public static String plain(double n) {
        return BigDecimal.valueOf(n).setScale(2, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }
}

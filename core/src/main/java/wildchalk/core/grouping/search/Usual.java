package wildchalk.core.grouping.search;

import java.util.function.BooleanSupplier;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Division;
import wildchalk.core.grouping.Style;

/** Tries all there are where those are few, and searches where they are many. */
record Usual(EveryDivision every, Divider search) implements Divider {

    /** More divisions than these are not all tried. */
    private static final double FEW = 300_000;

    @Override
    public Division divide(Asked asked, BooleanSupplier stop) {
        if (asked.style() == Style.RANDOM || EveryDivision.even(asked) > FEW) {
            return search.divide(asked, stop);
        }
        Division even = every.ofEven(asked, stop);
        if (even.verdict().musts() == 0) {
            return even;
        }
        Division any = EveryDivision.any(asked) <= FEW ? every.ofAll(asked, stop) : search.divide(asked, stop);
        return any.verdict().compareTo(even.verdict()) <= 0 ? any : even;
    }
}

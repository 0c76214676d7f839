package wildchalk.core.grouping.search;

import java.util.function.BooleanSupplier;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Division;
import wildchalk.core.grouping.Judge;

/** Finds good divisions. The same asking gives the same division, on every machine. */
public interface Divider {

    /** All divisions where there are few people, else a search that ends by the number of its steps. */
    static Divider usual() {
        return new Usual(new EveryDivision(), (asked, stop) -> {
            Judge judge = new Judge(asked);
            return Division.of(judge, Search.divide(judge, stop), false);
        });
    }

    /**
     * The best division that it finds.
     *
     * @param stop asked again and again; when it says so, the best so far is given
     */
    Division divide(Asked asked, BooleanSupplier stop);

    /** The best division that it finds. */
    default Division divide(Asked asked) {
        return divide(asked, () -> false);
    }
}

package wildchalk.core.grouping.search;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import java.util.function.BooleanSupplier;
import wildchalk.core.grouping.Judge;
import wildchalk.core.grouping.Verdict;

/** Judges each division that is tried, and asks now and then whether it is enough. */
final class Referee {

    /** Asked as often as this many divisions are judged. */
    private static final int ASK = 500;

    private final Judge judge;
    private final BooleanSupplier stop;
    private final boolean smooth;
    private Runnable end = () -> {};
    private int judged;

    /**
     * @param smooth whether what counts before the spread is how near the groups are to one another on the whole: that
     *     leads step by step to where the spread is small
     */
    Referee(Judge judge, boolean smooth, BooleanSupplier stop) {
        this.judge = judge;
        this.smooth = smooth;
        this.stop = stop;
    }

    Judge judge() {
        return judge;
    }

    /** What ends the search. */
    void ending(Runnable how) {
        this.end = how;
    }

    BendableLongScore score(int[] group) {
        judged++;
        if (judged % ASK == 0 && stop.getAsBoolean()) {
            end.run();
        }
        return score(judge.judge(group), smooth ? judge.unevenness(group) : 0);
    }

    /** Less is better for a verdict, more for a score. */
    static BendableLongScore score(Verdict v, long unevenness) {
        return BendableLongScore.of(
                new long[] {-v.musts()},
                new long[] {-v.sizes(), -unevenness, -v.spread(), -v.positions(), -v.wishes(), -v.company()});
    }
}

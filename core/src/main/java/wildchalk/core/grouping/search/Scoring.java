package wildchalk.core.grouping.search;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;

/** Lets the solver ask the referee. */
public final class Scoring implements EasyScoreCalculator<Seating, BendableLongScore> {

    @Override
    public BendableLongScore calculateScore(Seating seating) {
        return seating.referee().score(seating.division());
    }
}

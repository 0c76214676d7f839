package wildchalk.core.grouping.search;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.factory.MoveIteratorFactoryConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.ChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Judge;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Verdict;

/**
 * Moves and swaps people from a deal on, as long as it is no worse than it was lately: first towards groups that are
 * even on the whole, from where the best is near, then towards the best.
 */
final class Search {

    /** So many moves are tried and no more: it ends at the same division however quick the machine is. */
    private static final long FIRST = 20_000;

    private static final long THEN = 140_000;

    /** A move may be as bad as what was so many before. */
    private static final int LATE = 20;

    /** Swaps for each time that one alone is moved. */
    private static final double SWAPS = 9;

    private static final Verdict PERFECT = new Verdict(0, 0, 0, 0, 0, 0);

    private Search() {}

    /**
     * A good division: the group, from 0, of each of the people.
     *
     * @param stop asked again and again; when it says so, the best so far is given
     */
    static int[] divide(Judge judge, BooleanSupplier stop) {
        int[] dealt = deal(judge.asked());
        if (judge.asked().groups() == 1
                || dealt.length < 2
                || judge.judge(dealt).equals(PERFECT)) {
            return dealt;
        }
        int[] near = searched(new Referee(judge, true, stop), dealt, FIRST);
        return searched(new Referee(judge, false, stop), near, THEN);
    }

    private static int[] searched(Referee referee, int[] from, long moves) {
        Asked asked = referee.judge().asked();
        Solver<Seating> solver =
                SolverFactory.<Seating>create(config(asked.seed(), moves)).buildSolver();
        referee.ending(solver::terminateEarly);
        return solver.solve(new Seating(referee, from, asked.groups())).division();
    }

    private static SolverConfig config(long seed, long moves) {
        LocalSearchPhaseConfig phase = new LocalSearchPhaseConfig()
                .withMoveSelectorConfig(new UnionMoveSelectorConfig()
                        .withMoveSelectors(
                                new ChangeMoveSelectorConfig().withFixedProbabilityWeight(1.0),
                                new MoveIteratorFactoryConfig()
                                        .withMoveIteratorFactoryClass(Swaps.class)
                                        .withFixedProbabilityWeight(SWAPS)))
                .withAcceptorConfig(new LocalSearchAcceptorConfig().withLateAcceptanceSize(LATE))
                .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1));
        return new SolverConfig()
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed(seed)
                .withSolutionClass(Seating.class)
                .withEntityClasses(Seat.class)
                .withEasyScoreCalculatorClass(Scoring.class)
                .withTerminationConfig(new TerminationConfig()
                        .withMoveCountLimit(moves)
                        .withBestScoreLimit(Referee.score(PERFECT, 0).toString()))
                .withPhases(phase);
    }

    /** By lot, or the strongest first, to and fro, so that it is not far off. */
    private static int[] deal(Asked asked) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < asked.people().size(); i++) {
            order.add(i);
        }
        Collections.shuffle(order, new Random(asked.seed()));
        boolean lots = asked.style() == Style.RANDOM;
        if (!lots) {
            order.sort(Comparator.comparing(i -> -asked.people().get(i).strength()));
        }
        int[] group = new int[order.size()];
        int groups = asked.groups();
        for (int k = 0; k < group.length; k++) {
            int at = k % groups;
            boolean back = !lots && k / groups % 2 == 1;
            group[order.get(k)] = back ? groups - 1 - at : at;
        }
        return group;
    }
}

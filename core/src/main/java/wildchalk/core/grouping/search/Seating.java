package wildchalk.core.grouping.search;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.cloner.DeepPlanningClone;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import java.util.List;
import java.util.stream.IntStream;

/** A division as the solver sees it. */
@PlanningSolution
public final class Seating {

    /** What the groups that can be chosen are called among the solver's own. */
    static final String GROUPS = "groups";

    /** How many levels come after the first. */
    static final int SOFT = 6;

    @PlanningEntityCollectionProperty
    @DeepPlanningClone
    private List<Seat> seats;

    private List<Integer> groups;
    private BendableLongScore score;

    private Referee referee;

    /** For the solver. */
    public Seating() {}

    Seating(Referee referee, int[] group, int groups) {
        this.referee = referee;
        this.groups = IntStream.range(0, groups).boxed().toList();
        this.seats = IntStream.range(0, group.length)
                .mapToObj(i -> new Seat(i, group[i]))
                .toList();
    }

    /** Which groups can be chosen. */
    @ValueRangeProvider(id = GROUPS)
    public List<Integer> getGroups() {
        return groups;
    }

    /** How good the solver found it. */
    @PlanningScore(bendableHardLevelsSize = 1, bendableSoftLevelsSize = SOFT)
    public BendableLongScore getScore() {
        return score;
    }

    /** The solver says how good it is. */
    public void setScore(BendableLongScore newScore) {
        this.score = newScore;
    }

    List<Seat> seats() {
        return seats;
    }

    Referee referee() {
        return referee;
    }

    /** The group of each of the people. */
    int[] division() {
        int[] group = new int[seats.size()];
        for (Seat seat : seats) {
            group[seat.getPerson()] = seat.getGroup();
        }
        return group;
    }
}

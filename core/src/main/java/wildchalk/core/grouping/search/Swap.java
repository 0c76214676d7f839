package wildchalk.core.grouping.search;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.move.AbstractMove;
import java.util.List;

/** Some of one group and as many of another change places: two at once keep together who is to be together. */
final class Swap extends AbstractMove<Seating> {

    private final List<Seat> seats;
    private final List<Integer> to;

    /** @param to the group that each goes into */
    Swap(List<Seat> seats, List<Integer> to) {
        this.seats = seats;
        this.to = to;
    }

    @Override
    public boolean isMoveDoable(ScoreDirector<Seating> director) {
        return !seats.isEmpty();
    }

    @Override
    protected void doMoveOnGenuineVariables(ScoreDirector<Seating> director) {
        for (int i = 0; i < seats.size(); i++) {
            director.beforeVariableChanged(seats.get(i), Seat.GROUP);
            seats.get(i).setGroup(to.get(i));
            director.afterVariableChanged(seats.get(i), Seat.GROUP);
        }
    }

    @Override
    public List<Seat> getPlanningEntities() {
        return seats;
    }

    @Override
    public List<Integer> getPlanningValues() {
        return to;
    }
}

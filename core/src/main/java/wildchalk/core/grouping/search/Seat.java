package wildchalk.core.grouping.search;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;

/** Somebody and the group that the solver has them in. The solver makes and changes these: it needs them so. */
@PlanningEntity
public final class Seat {

    /** What the solver calls what it changes. */
    static final String GROUP = "group";

    @PlanningId
    private Integer person;

    @PlanningVariable(valueRangeProviderRefs = Seating.GROUPS)
    private Integer group;

    /** For the solver. */
    public Seat() {}

    Seat(int person, int group) {
        this.person = person;
        this.group = group;
    }

    /** Which of the people, from 0. */
    public Integer getPerson() {
        return person;
    }

    /** The group, from 0. */
    public Integer getGroup() {
        return group;
    }

    /** Puts them into another group. */
    public void setGroup(Integer newGroup) {
        this.group = newGroup;
    }
}

package wildchalk.core.edit;

import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;

/**
 * One gesture.
 *
 * @param name as it stands in the list of what can be undone ("Move cone")
 * @param change what it does
 */
public record Edit(String name, UnaryOperator<Drill> change) {

    /** The drill after it. Ids that were given out before are not given again. */
    public Drill apply(Drill drill) {
        return change.apply(drill).following(drill);
    }

    /** An edit of one rung that puts something new on it, under ids that are free in the whole drill. */
    static Edit making(String name, String rung, BiFunction<Stage, FreeIds, Stage> change) {
        return new Edit(name, drill -> ofStage(name, rung, s -> change.apply(s, new FreeIds(drill))).change().apply(drill));
    }

    /** An edit of one rung; the rungs made from it follow, where they can stand without what it takes away. */
    static Edit ofStage(String name, String rung, UnaryOperator<Stage> change) {
        return new Edit(name, drill -> Followers.kept(drill, Ladder.put(drill, change.apply(Ladder.build(drill, rung))), rung));
    }
}

package wildchalk.core.edit;

import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;

/** Edits of one rung; the rungs made from it follow, where they can stand without what it takes away. */
final class StageEdit {

    private StageEdit() {}

    static Edit<Drill> of(String name, String rung, UnaryOperator<Stage> change) {
        return new Edit<>(name, drill -> changed(drill, rung, change.apply(Ladder.build(drill, rung))));
    }

    /** One that puts something new on the rung, under ids that are free in the whole drill. */
    static Edit<Drill> making(String name, String rung, BiFunction<Stage, FreeIds, Stage> change) {
        return new Edit<>(
                name, drill -> changed(drill, rung, change.apply(Ladder.build(drill, rung), new FreeIds(drill))));
    }

    private static Drill changed(Drill drill, String rung, Stage stage) {
        return Followers.kept(drill, Ladder.put(drill, stage), rung);
    }
}

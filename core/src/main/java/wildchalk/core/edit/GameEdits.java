package wildchalk.core.edit;

import java.util.function.Function;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;

/** Edits of what holds for many on a rung: rules, tasks, calls, what is watched for, live play. */
public final class GameEdits {

    private GameEdits() {}

    /** Says something that was not said yet, under a fresh id. */
    public static <I extends Instruction> Edit<Drill> say(String rung, String name, Function<String, I> made) {
        return StageEdit.making(name, rung, (s, ids) -> s.saying(made.apply(ids.take("g"))));
    }

    /** Says something otherwise. */
    public static Edit<Drill> change(String rung, String name, Instruction now) {
        return StageEdit.of(name, rung, s -> s.saying(now));
    }

    /** Says something no longer. */
    public static Edit<Drill> unsay(String rung, String name, String id) {
        return StageEdit.of(
                name,
                rung,
                s -> s.withInstructions(s.instructions().stream()
                        .filter(i -> !i.id().equals(id))
                        .toList()));
    }

    /** Puts an action that nobody draws after all others, under a fresh id. */
    public static Edit<Drill> act(String rung, String name, Function<String, Action> made) {
        return StageEdit.making(name, rung, (s, ids) -> s.withAction(made.apply(ids.take("a"))));
    }
}

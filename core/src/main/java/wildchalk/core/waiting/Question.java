package wildchalk.core.waiting;

import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.flow.Flows;
import wildchalk.core.surface.Surface;

/**
 * What is played now, and by whom.
 *
 * @param rung id of the rung that is played
 */
public record Question(Drill drill, String rung, Flows.Asked asked) {

    /** The rung, built. */
    Stage stage() {
        return Ladder.build(drill, rung);
    }

    Surface surface() {
        return drill.surface();
    }

    Optional<Dose> dose() {
        return Ladder.dose(drill, rung);
    }

    /**
     * What the rung is after an edit. It is tried on a drill that has only this rung: whether others can follow does
     * not matter here, and costs most of an edit.
     */
    Stage after(Edit<Drill> edit) {
        return Ladder.build(edit.apply(Ladder.alone(drill, rung)), rung);
    }
}

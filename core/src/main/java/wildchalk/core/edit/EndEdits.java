package wildchalk.core.edit;

import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction.Attacks;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/** Edits of which end a team attacks. */
public final class EndEdits {

    private static final double JUST_BEFORE = 0.01;

    private EndEdits() {}

    /** Lets a team attack an end from the start; of two teams the other goes the other way. */
    public static Edit<Drill> attack(String rung, Bib team, End end) {
        return StageEdit.making("Attack the other end", rung, (s, ids) -> saying(s, ids.take("e"), team, end));
    }

    private static Stage saying(Stage stage, String freeId, Bib team, End end) {
        Optional<Attacks> said = stage.instructions(Attacks.class).stream()
                .filter(a -> a.team() == team && a.from().isEmpty())
                .findFirst();
        return stage.saying(
                said.map(a -> a.towards(end)).orElseGet(() -> new Attacks(freeId, team, end, Optional.empty())));
    }

    /**
     * Lets all teams change ends at a time: each then attacks the end that it did not attack until then.
     *
     * @param surface that is played on
     * @param timeline of the stage
     * @param t seconds after the whistle; what happens then sets it off, so that it stays with it when times change
     */
    public static Edit<Drill> changeAt(String rung, Stage stage, Surface surface, Timeline timeline, double t) {
        Cue moment = FreezeEdits.cueAt(stage, timeline, t);
        Ends ends = new Ends(stage, surface);
        return StageEdit.making("Change ends", rung, (s, ids) -> {
            Stage changed = s;
            for (Bib team : ends.teams()) {
                End now = ends.at(team, timeline::moment, t - JUST_BEFORE)
                        .map(Ends.Known::end)
                        .orElse(End.GOAL);
                changed = changed.saying(new Attacks(ids.take("e"), team, now.other(), Optional.of(moment)));
            }
            return changed;
        });
    }

    /** Takes the changes of ends away: every team goes one way for the whole rep. */
    public static Edit<Drill> noChange(String rung) {
        return StageEdit.of(
                "No change of ends",
                rung,
                s -> s.withInstructions(s.instructions().stream()
                        .filter(i -> !(i instanceof Attacks a && a.from().isPresent()))
                        .toList()));
    }
}

package wildchalk.core.check.better;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.LivePlay;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.timeline.Lane;

/** A long drill in which nobody decides anything, on no rung. */
final class NoDecision implements DrillCheck {

    /** A drill with fewer actions may be for one thing only; assumed. */
    private static final int LONG = 8;

    @Override
    public String id() {
        return "no-decision";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        Optional<Rep> top = looked.rungs().stream().reduce((a, b) -> b);
        boolean decides = looked.rungs().stream().map(Rep::stage).anyMatch(NoDecision::decides);
        boolean calls = looked.drill().ladder().stream()
                .map(Rung::plan)
                .anyMatch(p -> p.aloud().calling().isPresent());
        return top
                .filter(r -> r.stage().actions().size() >= LONG && !decides && !calls)
                .map(r -> Said.in(r, id(), id()).as(Spotted.Sure.LOOK))
                .stream()
                .toList();
    }

    private static boolean decides(Stage stage) {
        boolean opponents = stage.people().stream()
                .anyMatch(p -> p.isOnATeam()
                        && stage.people().stream().anyMatch(o -> o.isOnATeam() && Lane.isOpponent(o, p.bib()))
                        && stage.actionsOf(p.id()).stream().anyMatch(Shadow.class::isInstance));
        return opponents
                || !LivePlay.undrawn(stage).isEmpty()
                || !Reads.of(stage).isEmpty()
                || stage.actions().stream()
                        .flatMap(a -> Soundness.triggers(a).stream())
                        .anyMatch(t -> t.counted() instanceof Cue.Called);
    }
}

package wildchalk.core.check.hurt;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;

/** Goals that can be moved and so can tip, of which nobody says that they are held down. */
final class Tips implements DrillCheck {

    @Override
    public String id() {
        return "tip";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        if (looked.spoken().speaksOf(Said.pattern("tip.held"))) {
            return List.of();
        }
        for (Rep rep : looked.rungs()) {
            Optional<Piece> goal = rep.stage().pieces().stream()
                    .filter(p ->
                            p instanceof Piece.Item i && (i.kind() == GearKind.GOAL || i.kind() == GearKind.MINI_GOAL))
                    .findFirst();
            if (goal.isPresent()) {
                return List.of(Said.in(rep, id(), id(), rep.name(goal.get().id()))
                        .at(goal.get().at())
                        .about(List.of(goal.get().id()))
                        .as(Spotted.Sure.LIKELY)
                        .mending(() -> Said.caution(looked.drill(), "tip.caution")));
            }
        }
        return List.of();
    }
}

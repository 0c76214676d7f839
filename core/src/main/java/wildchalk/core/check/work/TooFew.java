package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.implied.Needs;
import wildchalk.core.naming.PieceWords;

/** More people, balls or gear than there are tonight. */
final class TooFew implements DrillCheck {

    @Override
    public String id() {
        return "too-few";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        Optional<Conditions.Tonight> tonight = looked.conditions().tonight();
        List<Spotted> found = new ArrayList<>();
        tonight.ifPresent(t -> looked.rungs().forEach(rep -> counted(rep, t, found)));
        return found;
    }

    private void counted(Rep rep, Conditions.Tonight tonight, List<Spotted> found) {
        Needs needs = Needs.of(rep.stage());
        // Who waits in a line need not be there: its front has to.
        int people = (int)
                rep.stage().people().stream().filter(Piece.Person::isOnATeam).count();
        tonight.people().ifPresent(there -> {
            if (people > there) {
                found.add(spotted(rep, "people", "too-few.people", people, there));
            }
        });
        tonight.balls().ifPresent(there -> {
            if (needs.balls() > there) {
                found.add(spotted(rep, "balls", "too-few.balls", needs.balls(), there));
            }
        });
        for (GearKind kind : GearKind.values()) {
            Integer there = tonight.gear().get(kind);
            if (there != null && needs.of(kind) > there) {
                found.add(spotted(
                        rep,
                        kind.name(),
                        "too-few.gear",
                        needs.of(kind),
                        there,
                        PieceWords.several(PieceWords.kind(kind))));
            }
        }
    }

    private Spotted spotted(Rep rep, String what, String key, Object... values) {
        return Said.in(rep, id(), key, values).about(List.of(what));
    }
}

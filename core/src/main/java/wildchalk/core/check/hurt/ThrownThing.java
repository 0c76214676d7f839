package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Spot;
import wildchalk.core.timeline.ActionTimes;

/** Gear that is thrown to somebody who does not look. */
final class ThrownThing implements DrillCheck.OfRep {

    @Override
    public String id() {
        return "thrown";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (Action action : rep.stage().actions()) {
            if (action instanceof Action.Handle h && h.deed() == Action.Handle.Deed.THROW) {
                h.to().flatMap(Spot::namedPiece)
                        .filter(c -> rep.track(c).isPresent())
                        .ifPresent(c -> rep.timeline().times(h.id()).ifPresent(t -> look(rep, h, c, t, found)));
            }
        }
        return found;
    }

    private void look(Rep rep, Action.Handle thrown, String catcher, ActionTimes times, List<Spotted> found) {
        double t = Double.isNaN(times.end()) ? times.start() : times.end();
        if (!rep.sees(catcher, t, rep.timeline().at(thrown.who(), t))) {
            Remedies remedies = new Remedies(rep);
            found.add(Said.in(rep, id(), id(), rep.name(catcher), rep.name(thrown.who()), rep.name(thrown.piece()))
                    .when(t)
                    .at(rep.timeline().at(catcher, t))
                    .about(List.of(thrown.id(), catcher))
                    .as(Spotted.Sure.LIKELY)
                    .mending(() -> rep.stage()
                            .person(catcher)
                            .map(p -> List.of(remedies.facing(p, rep.timeline().at(thrown.who(), t))))
                            .orElse(List.of())));
        }
    }
}

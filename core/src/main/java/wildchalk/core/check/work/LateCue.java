package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.ActionEdits;

/** Something that begins long after all else is over. */
final class LateCue implements DrillCheck.OfRep {

    /** So long nobody stands and waits for something in a rep, seconds; assumed. */
    private static final double LONG = 4;

    @Override
    public String id() {
        return "late-cue";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (Action action : rep.stage().actions()) {
            rep.timeline().times(action.id()).ifPresent(times -> {
                double before = rep.stage().actions().stream()
                        .filter(a -> !a.id().equals(action.id()))
                        .flatMap(a -> rep.timeline().times(a.id()).stream())
                        .filter(t -> t.start() < times.start())
                        .mapToDouble(t -> t.over())
                        .max()
                        .orElse(0);
                double pause = times.start() - before;
                if (action.cue().delay() > LONG && pause > Math.max(LONG, before)) {
                    found.add(spotted(rep, action, times.start(), pause));
                }
            });
        }
        return found;
    }

    private Spotted spotted(Rep rep, Action action, double t, double pause) {
        String words = Said.BOOK.say("at.once", rep.name(action.who()));
        Finding.Mend<Drill> atOnce = new Finding.Mend<>(
                words, ActionEdits.cue(rep.stage().id(), action, action.cue().delayed(0)));
        return Said.in(rep, id(), id(), rep.name(action.who()), pause)
                .when(t)
                .at(rep.timeline().at(action.who(), t))
                .about(List.of(action.id()))
                .mending(() -> List.of(atOnce));
    }
}

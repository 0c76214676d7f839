package wildchalk.core.check.better;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.implied.Needs;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.Waits;

/** Those who are drawn wait for most of the time. */
final class Waiting implements DrillCheck {

    private static final double MINUTES = 4;
    /** A share of the time in which everybody waits that is worth a word; assumed. */
    private static final double MUCH = 0.65;
    /** Who waits for less at a time rests, seconds; assumed. */
    private static final double RESTS = 20;

    @Override
    public String id() {
        return "waiting";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        List<Spotted> found = new ArrayList<>();
        for (Rep rep : looked.rungs()) {
            int people = Math.min(Flows.MOST_PEOPLE, Needs.of(rep.stage()).people());
            long roles =
                    rep.stage().people().stream().filter(p -> p.isOnATeam()).count();
            // Where nobody stands in line nobody waits for a turn.
            if (found.isEmpty() && people > roles && rep.timeline().duration() > 0) {
                flow(rep, people).ifPresent(f -> waits(rep, f, people, found));
            }
        }
        return found;
    }

    private static Optional<Flow> flow(Rep rep, int people) {
        Flows flows = new Flows(rep.stage(), rep.surface());
        return flows.fewest() <= people ? Optional.of(flows.of(people, MINUTES, 1)) : Optional.empty();
    }

    private void waits(Rep rep, Flow flow, int people, List<Spotted> found) {
        Waits waits = Waits.of(flow);
        double share = waits.each() / (MINUTES * 60);
        if (share > MUCH && waits.usual() > RESTS) {
            found.add(Said.in(rep, id(), id(), people, Math.round(share * 100), Math.round(waits.usual()))
                    .as(Spotted.Sure.LIKELY));
        }
    }
}

package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Travel;

/** A keeper who races an outfield player to a loose ball. */
final class KeeperContact implements DrillCheck.OfRep {

    /** Who comes so soon after the other meets them there, seconds; assumed. */
    private static final double TOGETHER = 1.5;

    @Override
    public String id() {
        return "keeper-contact";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        List<Travel.Collect> all = rep.stage().actions().stream()
                .filter(Travel.Collect.class::isInstance)
                .map(Travel.Collect.class::cast)
                .toList();
        for (Travel.Collect keeps : all) {
            boolean keeper = rep.stage()
                    .person(keeps.who())
                    .filter(Piece.Goalkeeper.class::isInstance)
                    .isPresent();
            for (Travel.Collect other : keeper ? all : List.<Travel.Collect>of()) {
                boolean race = !other.who().equals(keeps.who())
                        && other.wanted().isPresent()
                        && other.wanted().equals(keeps.wanted());
                double apart = race ? ends(rep, keeps) - ends(rep, other) : Double.NaN;
                if (Math.abs(apart) < TOGETHER) {
                    found.add(spotted(rep, keeps, other));
                }
            }
        }
        return found;
    }

    private static double ends(Rep rep, Travel.Collect collect) {
        return rep.timeline().times(collect.id()).map(t -> t.end()).orElse(Double.NaN);
    }

    private Spotted spotted(Rep rep, Travel.Collect keeps, Travel.Collect other) {
        double t = Math.min(ends(rep, keeps), ends(rep, other));
        Track keeper = rep.track(keeps.who()).orElseThrow();
        return Said.in(rep, id(), id(), rep.name(keeps.who()), rep.name(other.who()))
                .when(t)
                .at(keeper.at((int) (t / Track.STEP)))
                .about(List.of(keeps.who(), other.who()))
                .as(Spotted.Sure.LIKELY)
                .mending(new Remedies(rep).later(other.who(), t, 2, 3));
    }
}

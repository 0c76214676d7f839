package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;

/** A keeper who races an outfield player to a loose ball. */
final class KeeperContact implements DrillCheck.OfRep {

    /** Who comes so soon after the other meets them there, seconds; assumed. */
    private static final double TOGETHER = 1.5;
    /** Who leaves the ball to a keeper pulls out so far before it, metres; assumed. */
    private static final double PULLS_OUT = 3;

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
                .mending(() -> new Remedies(rep).later(other.who(), t, 2, 3))
                .mending(() -> List.of(pullsOut(rep, keeps, other, keeper.at((int) (t / Track.STEP)))));
    }

    /** The other one comes as far as a challenge, and leaves the ball to the keeper. */
    private static Finding.Mend<Drill> pullsOut(Rep rep, Travel.Collect keeps, Travel.Collect other, Vec ball) {
        Vec from = rep.stage().person(other.who()).map(Piece::at).orElse(ball);
        Vec before = ball.plus(from.minus(ball).unit().times(PULLS_OUT));
        return new Remedies(rep)
                .done(
                        Said.BOOK.say("leaves", rep.name(other.who()), rep.name(keeps.who())),
                        new Travel.Run(
                                other.id(),
                                other.who(),
                                other.path().endingAt(Spot.at(before)),
                                other.going(),
                                Action.Ending.STOP,
                                other.cue()));
    }
}

package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Flying;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Drill;
import wildchalk.core.geometry.Vec;

/** A second ball that comes past somebody who plays the first and has no eye for it. */
final class SecondBall implements DrillCheck.OfRep {

    /** So long before and after a ball is received one looks at nothing else, seconds; assumed. */
    private static final double BUSY = 0.8;
    /** So near a second ball is a danger, metres; assumed. */
    private static final double NEAR = 1.2;

    @Override
    public String id() {
        return "second-ball";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (BallFlight second : rep.flights()) {
            for (BallFlight first : rep.flights()) {
                first.receiver().ifPresent(who -> {
                    if (comesBeside(rep, first, second, who)) {
                        look(rep, second, who, found);
                    }
                });
            }
        }
        return found;
    }

    /** Whether somebody plays another ball while one is in flight. */
    static boolean isBusy(Rep rep, BallFlight flight, String who) {
        return rep.flights().stream()
                .anyMatch(other ->
                        other.receiver().filter(who::equals).isPresent() && comesBeside(rep, other, flight, who));
    }

    private static boolean comesBeside(Rep rep, BallFlight first, BallFlight second, String who) {
        return !first.ball().equals(second.ball())
                && !second.by().who().equals(who)
                && second.receiver().filter(who::equals).isEmpty()
                && second.from() < first.to() + BUSY
                && second.to() > first.to() - BUSY
                && rep.timeline().people().contains(who);
    }

    private void look(Rep rep, BallFlight second, String who, List<Spotted> found) {
        boolean far = rep.track(who).filter(t -> !t.isFarFrom(second, NEAR)).isEmpty();
        if (far || BallThrough.isHigh(rep, second)) {
            return;
        }
        Flying near = Flying.nearest(rep, second, t -> rep.timeline().at(who, t));
        Vec there = rep.timeline().at(who, near.t());
        boolean unseen = near.metres() < NEAR
                && second.height(near.t()) < Assumed.OVER_HEADS
                && !rep.sees(who, near.t() - 0.1, second.start());
        boolean told =
                found.stream().anyMatch(s -> s.who().equals(List.of(second.by().id(), who)));
        if (unseen && !told) {
            Remedies remedies = new Remedies(rep);
            found.add(Said.in(rep, id(), id(), rep.name(second.by().who()), rep.name(who), rep.metres(near.metres()))
                    .when(near.t())
                    .at(there)
                    .metres(near.metres())
                    .about(List.of(second.by().id(), who))
                    .as(Spotted.Sure.LIKELY)
                    .mending(() -> remedies.later(second.by().who(), second.from(), 1, 2, 3))
                    .mending(() -> aside(rep, second, who)));
        }
    }

    private static List<Finding.Mend<Drill>> aside(Rep rep, BallFlight second, String who) {
        return rep.track(who).filter(t -> !t.moves()).stream()
                .flatMap(t -> new Remedies(rep).aside(t.who(), second.start(), second.end(), 2, 3).stream())
                .toList();
    }
}

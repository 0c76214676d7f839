package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Near;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Lane;

/** A ball received with the back to an opponent who comes at speed. */
final class BackTurned implements DrillCheck.OfRep {

    /** Seconds after a ball is received in which one has no eye for anything else; assumed. */
    private static final double AFTER = 2;
    /** So near an opponent is on them, metres; assumed. */
    private static final double ON_THEM = 1.2;
    /** So long before that it is looked how fast they come, seconds. */
    private static final double COMES = 0.8;

    @Override
    public String id() {
        return "back-turned";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (BallFlight flight : rep.flights()) {
            flight.receiver().flatMap(rep::track).ifPresent(receiver -> {
                for (Track other : rep.tracks()) {
                    if (other.moves()
                            && Lane.isOpponent(other.who(), receiver.who().bib())
                            && receiver.who().isOnATeam()) {
                        comes(rep, flight, receiver, other).ifPresent(found::add);
                    }
                }
            });
        }
        return found;
    }

    private Optional<Spotted> comes(Rep rep, BallFlight flight, Track receiver, Track other) {
        int from = (int) (flight.to() / Track.STEP);
        int until = Math.min(receiver.looks() - 1, (int) ((flight.to() + AFTER) / Track.STEP));
        for (int k = from; k <= until; k++) {
            Vec there = receiver.at(k);
            if (other.at(k).distance(there) < ON_THEM) {
                double closing = fastest(receiver, other, k);
                double seen = flight.to();
                Vec then = rep.timeline().at(other.id(), seen);
                boolean turned = !rep.sees(receiver.id(), seen, then);
                return turned && closing >= Assumed.closing(rep.looked().level())
                        ? Optional.of(spotted(
                                rep,
                                flight,
                                receiver,
                                other,
                                new Near(k * Track.STEP, other.at(k).distance(there), closing)))
                        : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static double fastest(Track a, Track b, int k) {
        double most = 0;
        for (int j = Math.max(1, k - (int) (COMES / Track.STEP)); j <= k; j++) {
            double before = a.at(j - 1).distance(b.at(j - 1));
            most = Math.max(most, (before - a.at(j).distance(b.at(j))) / Track.STEP);
        }
        return most;
    }

    private Spotted spotted(Rep rep, BallFlight flight, Track receiver, Track other, Near near) {
        Remedies remedies = new Remedies(rep);
        return Said.in(rep, id(), id(), rep.name(receiver.id()), rep.name(other.id()), Math.round(near.closing()))
                .when(near.t())
                .at(receiver.at((int) Math.round(near.t() / Track.STEP)))
                .metres(near.metres())
                .about(List.of(flight.by().id(), receiver.id(), other.id()))
                .as(Spotted.Sure.LIKELY)
                .mending(() -> remedies.later(other.id(), near.t(), 1, 2))
                .mending(() -> remedies.slower(other.id(), near.t()));
    }
}

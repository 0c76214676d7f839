package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;

/** A fast ball that comes to somebody whose nose points away from it. */
final class UnseenBall implements DrillCheck.OfRep {

    /** So long before it is there it has to be seen, seconds; assumed. */
    private static final double[] BEFORE = {0.4, 0.25, 0.1};
    /** Beyond this a ball cannot be seen over the shoulder either, radians from the nose; assumed. */
    private static final double BEHIND = Math.toRadians(120);

    @Override
    public String id() {
        return "unseen-ball";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (BallFlight flight : rep.flights()) {
            boolean hurts = !flight.isShot()
                    && flight.speed() >= Assumed.unseen(rep.surface().ball());
            flight.receiver()
                    .flatMap(rep::track)
                    .filter(r -> hurts && isUnseen(rep, flight, r))
                    .ifPresent(r -> found.add(spotted(rep, flight, r)));
        }
        return found;
    }

    private static boolean isUnseen(Rep rep, BallFlight flight, Track receiver) {
        for (double before : BEFORE) {
            double t = flight.to() - before;
            if (t <= flight.from()) {
                return false;
            }
            Pose pose = rep.pose(receiver.id(), t);
            Vec ball = rep.timeline().ball(flight.ball(), t);
            double off = Math.abs(Math.IEEEremainder(ball.minus(pose.at()).angle() - pose.facing(), 2 * Math.PI));
            if (off < BEHIND) {
                return false;
            }
        }
        return true;
    }

    private Spotted spotted(Rep rep, BallFlight flight, Track receiver) {
        Remedies remedies = new Remedies(rep);
        double t = flight.to() - BEFORE[1];
        Spotted spotted = Said.in(
                        rep,
                        id(),
                        id(),
                        rep.name(receiver.id()),
                        rep.name(flight.by().who()))
                .when(t)
                .at(rep.timeline().at(receiver.id(), t))
                .about(List.of(flight.by().id(), receiver.id()))
                .as(Spotted.Sure.LIKELY);
        return rep.going(receiver.id(), t)
                .map(travel -> spotted.mending(() -> List.of(remedies.done(
                        Said.BOOK.say(
                                "watch",
                                rep.name(receiver.id()),
                                rep.name(flight.by().who())),
                        travel.withGoing(
                                travel.going().watching(Spot.at(flight.by().who())))))))
                .orElse(spotted.mending(() -> List.of(remedies.facing(receiver.who(), flight.start()))));
    }
}

package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** People behind a goal that is shot at, or beside it, where a ball flies that misses. */
final class BehindGoal implements DrillCheck.OfRep {

    /** A shot goes so far beside the posts, radians; assumed. */
    private static final double STRAY = Math.toRadians(10);
    /** A ball that misses is a danger so far behind the goal, metres; assumed. */
    private static final double FLIES_ON = 12;
    /** Beside the goal one is in the way of it from so far before the line on, metres; assumed. */
    private static final double BEFORE = 1;

    @Override
    public String id() {
        return "behind-goal";
    }

    /** Where a shot goes. */
    private record Goal(Vec at, double width) {

        static Optional<Goal> of(Rep rep, Spot to) {
            if (to instanceof Spot.AtTarget t) {
                return rep.surface()
                        .target(t.target())
                        .filter(x -> x.shape() == Surface.Target.Shape.GOAL)
                        .map(x -> new Goal(x.at(), x.width()));
            }
            return to.namedPiece()
                    .flatMap(rep.stage()::piece)
                    .filter(p -> p instanceof Piece.Item i && i.kind().isShotAt())
                    .map(p -> new Goal(p.at(), ((Piece.Item) p).width()));
        }

        /** Whether somebody stands where a ball that was shot from a place may fly when it misses. */
        boolean endangers(Vec from, Vec who) {
            Vec way = at.minus(from);
            Vec seen = who.minus(from);
            double along = seen.dot(way.unit());
            double aside = Math.abs(Math.IEEEremainder(seen.angle() - way.angle(), 2 * Math.PI));
            return along > way.length() - BEFORE
                    && along < way.length() + FLIES_ON
                    && aside < Math.atan2(width / 2, way.length()) + STRAY;
        }
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (BallFlight flight : rep.flights()) {
            Optional<Goal> goal = flight.isShot() ? Goal.of(rep, flight.by().to()) : Optional.empty();
            goal.ifPresent(g -> {
                for (Track track : rep.tracks()) {
                    boolean concerned = track.who() instanceof Piece.Goalkeeper
                            || track.id().equals(flight.by().who());
                    Vec there = rep.timeline().at(track.id(), flight.to());
                    if (!concerned && !isTold(found, track.id()) && g.endangers(flight.start(), there)) {
                        found.add(spotted(rep, flight, track.who(), there, g));
                    }
                }
                rep.standers().stream()
                        .filter(s -> g.endangers(flight.start(), s.at()))
                        .filter(s -> !isTold(found, s.line().id()))
                        .findFirst()
                        .ifPresent(s -> found.add(spotted(rep, flight, s.line(), s.at(), g)));
            });
        }
        return found;
    }

    /** Whoever stands there stands there for every shot. */
    private static boolean isTold(List<Spotted> found, String who) {
        return found.stream().anyMatch(f -> f.who().equals(List.of(who)));
    }

    private Spotted spotted(Rep rep, BallFlight flight, Piece.Person who, Vec there, Goal goal) {
        double metres = there.distance(goal.at());
        Spotted spotted = Said.in(
                        rep,
                        id(),
                        who instanceof Piece.LineUp ? "behind-goal.queue" : "behind-goal",
                        rep.name(who.id()),
                        rep.name(flight.by().who()),
                        rep.metres(metres))
                .when(flight.to())
                .at(there)
                .metres(metres)
                .about(List.of(who.id()))
                .as(metres < FLIES_ON / 2 ? Spotted.Sure.LIKELY : Spotted.Sure.LOOK);
        Remedies remedies = new Remedies(rep);
        boolean stands = rep.track(who.id()).filter(Track::moves).isEmpty() || who instanceof Piece.LineUp;
        return stands
                ? spotted.mending(() -> remedies.aside(who, flight.start(), there, 5, 8, 12))
                        .mending(() -> remedies.inFront(who, goal.at(), flight.start(), 8))
                : spotted.mending(() -> remedies.later(flight.by().who(), flight.from(), 1, 2, 3));
    }
}

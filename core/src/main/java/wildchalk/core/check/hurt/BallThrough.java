package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Flying;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Lane;

/** A ball that flies through somebody who does not expect it, or through those who wait. */
final class BallThrough implements DrillCheck.OfRep {

    /** So near to where a ball leaves and where it is met one knows of it, metres; assumed. */
    private static final double KNOWN = 1;
    /** A shot is aimed so far beside, metres; assumed. */
    private static final double STRAY = 0.2;

    @Override
    public String id() {
        return "ball-through";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (BallFlight flight : rep.flights()) {
            if (isHigh(rep, flight)) {
                continue;
            }
            for (Track track : rep.tracks()) {
                boolean far = track.isFarFrom(flight, Assumed.HIT + STRAY);
                if (!far) {
                    hit(rep, flight, track).ifPresent(found::add);
                }
            }
            queued(rep, flight).ifPresent(found::add);
        }
        return found;
    }

    /** Whether it is aimed at what hangs above heads. */
    static boolean isHigh(Rep rep, BallFlight flight) {
        return flight.isShot()
                && flight.by().to() instanceof Spot.AtTarget at
                && rep.surface()
                        .target(at.target())
                        .filter(t -> t.shape() != Surface.Target.Shape.GOAL)
                        .isPresent();
    }

    /** Whether somebody has to do with a ball: sends it, receives it, keeps the goal, takes it, plays another one. */
    private static boolean isInIt(Rep rep, BallFlight flight, Piece.Person person) {
        String who = person.id();
        boolean keeps = flight.isShot() && person instanceof Piece.Goalkeeper;
        boolean takes = rep.timeline().events().stream()
                .anyMatch(e -> who.equals(e.who())
                        && flight.ball().equals(e.ball())
                        && (e.kind() == Event.Kind.CUT_OUT || e.kind() == Event.Kind.ARRIVAL)
                        && e.t() >= flight.from() - 1e-6
                        && e.t() <= flight.to() + 1);
        return who.equals(flight.by().who())
                || flight.receiver().filter(who::equals).isPresent()
                || keeps
                || takes
                || SecondBall.isBusy(rep, flight, who);
    }

    private Optional<Spotted> hit(Rep rep, BallFlight flight, Track track) {
        Flying near = Flying.nearest(rep, flight, t -> rep.timeline().at(track.id(), t));
        Vec there = rep.timeline().at(track.id(), near.t());
        if (!hits(flight, near, there) || isInIt(rep, flight, track.who())) {
            return Optional.empty();
        }
        Pose pose = rep.pose(track.id(), near.t());
        boolean sees = Rep.sees(pose, flight.start());
        boolean defends = Lane.isOpponent(
                track.who(), rep.stage().person(flight.by().who()).orElseThrow().bib());
        boolean hard = flight.isShot() || isHard(flight);
        if (sees && (defends || !flight.isShot()) || !sees && !hard && flight.speed() < Assumed.FAST_BALL) {
            return Optional.empty();
        }
        Remedies remedies = new Remedies(rep);
        Spotted spotted = Said.in(
                        rep,
                        id(),
                        sees ? "ball-through.sees" : "ball-through",
                        flight.isShot() ? Said.BOOK.say("shot") : Said.BOOK.say("pass"),
                        rep.name(flight.by().who()),
                        rep.name(track.id()),
                        rep.metres(near.metres()))
                .when(near.t())
                .at(there)
                .metres(near.metres())
                .about(List.of(flight.by().id(), track.id()))
                .as(sees ? Spotted.Sure.LIKELY : Spotted.Sure.CERTAIN);
        if (track.moves()) {
            return Optional.of(spotted.mending(() -> remedies.later(flight.by().who(), near.t(), 1, 2))
                    .mending(() -> remedies.past(track.id(), near.t(), there, Said.BOOK.say("the.ball"), 2)));
        }
        return Optional.of(spotted.mending(() -> remedies.aside(track.who(), flight.start(), flight.end(), 2, 3, 5)));
    }

    private static boolean isHard(BallFlight flight) {
        return flight.by() instanceof Action.Pass pass && pass.force() == Force.HARD;
    }

    private static boolean hits(BallFlight flight, Flying near, Vec there) {
        double reach = flight.isShot() ? Assumed.HIT + STRAY : Assumed.HIT;
        return near.metres() < reach
                && flight.height(near.t()) < Assumed.OVER_HEADS
                && flight.start().distance(there) > KNOWN
                && (flight.isShot() || flight.end().distance(there) > KNOWN);
    }

    private Optional<Spotted> queued(Rep rep, BallFlight flight) {
        for (Rep.Stander stander : rep.standers()) {
            Flying near = Flying.nearest(rep, flight, t -> stander.at());
            boolean concerned = stander.line().id().equals(flight.by().who()) && near.t() < flight.from() + Track.STEP;
            boolean sees = Rep.sees(new Pose(stander.at(), stander.line().facing()), flight.start());
            boolean soft = !flight.isShot() && (sees || flight.speed() < Assumed.FAST_BALL && !isHard(flight));
            if (!concerned && !soft && hits(flight, near, stander.at())) {
                return Optional.of(line(rep, flight, stander, near));
            }
        }
        return Optional.empty();
    }

    private Spotted line(Rep rep, BallFlight flight, Rep.Stander stander, Flying near) {
        Remedies remedies = new Remedies(rep);
        return Said.in(
                        rep,
                        id(),
                        "ball-through.queue",
                        flight.isShot() ? Said.BOOK.say("shot") : Said.BOOK.say("pass"),
                        rep.name(flight.by().who()),
                        rep.name(stander.line().id()))
                .when(near.t())
                .at(stander.at())
                .metres(near.metres())
                .about(List.of(flight.by().id(), stander.line().id()))
                .as(Spotted.Sure.CERTAIN)
                .mending(() -> remedies.queued(stander.line()))
                .mending(() -> remedies.aside(stander.line(), flight.start(), flight.end(), 3, 5, 8));
    }
}

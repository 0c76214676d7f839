package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Flying;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Lane;

/** A pass that goes past an opponent within reach. */
final class LaneShut implements DrillCheck.OfRep {

    /** So far an opponent reaches without a step, metres; assumed: an arm, a leg or a stick. */
    private static final double REACH = 0.9;
    /** So near to who passes and who receives an opponent marks them, metres; assumed. */
    private static final double MARKS = 1.6;
    /** A ball as high as this cannot be reached, metres; assumed. */
    private static final double HIGH = 2.5;

    @Override
    public String id() {
        return "lane-shut";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (BallFlight flight : rep.flights()) {
            boolean pass = flight.by() instanceof Action.Pass && !isCutOut(rep, flight);
            for (Track track : pass ? rep.tracks() : List.<Track>of()) {
                boolean opponent = rep.stage()
                        .person(flight.by().who())
                        .filter(p -> p.isOnATeam() && Lane.isOpponent(track.who(), p.bib()))
                        .isPresent();
                boolean theirs = flight.receiver().filter(track.id()::equals).isPresent();
                if (opponent && !theirs && !track.isFarFrom(flight, REACH)) {
                    shut(rep, flight, track).ifPresent(found::add);
                }
            }
        }
        return found;
    }

    /** Whether the pass is meant to be taken on its way. */
    private static boolean isCutOut(Rep rep, BallFlight flight) {
        return rep.timeline().events().stream()
                .anyMatch(e -> e.kind() == Event.Kind.CUT_OUT
                        && e.action().equals(flight.by().id()));
    }

    private Optional<Spotted> shut(Rep rep, BallFlight flight, Track track) {
        Flying near = Flying.nearest(rep, flight, t -> rep.timeline().at(track.id(), t));
        Vec there = rep.timeline().at(track.id(), near.t());
        boolean shut = near.metres() < REACH
                && flight.height(near.t()) < HIGH
                && flight.start().distance(there) > MARKS
                && flight.end().distance(there) > MARKS;
        if (!shut) {
            return Optional.empty();
        }
        Remedies remedies = new Remedies(rep);
        List<Finding.Mend<Drill>> mends = new ArrayList<>();
        if (track.moves()) {
            mends.addAll(remedies.later(flight.by().who(), flight.from(), 1));
        } else {
            mends.addAll(remedies.aside(track.who(), flight.start(), flight.end(), 1.5, 3));
        }
        Action.Pass pass = (Action.Pass) flight.by();
        mends.add(remedies.done(Said.BOOK.say("lob", rep.name(pass.who())), pass.going(Action.Manner.LOB)));
        String to = flight.receiver().map(rep::name).orElse(Said.BOOK.say("the.space"));
        return Optional.of(
                Said.in(rep, id(), id(), rep.name(pass.who()), to, rep.name(track.id()), rep.metres(near.metres()))
                        .when(near.t())
                        .at(there)
                        .metres(near.metres())
                        .about(List.of(pass.id(), track.id()))
                        .as(near.metres() < REACH / 2 ? Spotted.Sure.LIKELY : Spotted.Sure.LOOK)
                        .mending(() -> mends));
    }
}

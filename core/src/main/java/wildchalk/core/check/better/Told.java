package wildchalk.core.check.better;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Travel;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Lane;

/** A defender who is on the way to where the ball will be before it has left: told what comes. */
final class Told implements DrillCheck.OfRep {

    /** So near to where a ball goes a way ends there, metres; assumed. */
    private static final double THERE = 2;
    /** By so much earlier it was no reaction, seconds; assumed. */
    private static final double EARLY = 0.3;

    @Override
    public String id() {
        return "told";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (BallFlight flight : rep.flights()) {
            for (Action action :
                    flight.isShot() ? List.<Action>of() : rep.stage().actions()) {
                boolean defends = action instanceof Travel
                        && isOpponent(rep, action.who(), flight.by().who());
                if (defends) {
                    rep.timeline()
                            .times(action.id())
                            .filter(t -> foresees(rep, flight, action, t))
                            .ifPresent(t -> found.add(spotted(rep, flight, action, t)));
                }
            }
        }
        return found;
    }

    private static boolean isOpponent(Rep rep, String who, String sender) {
        return rep.stage()
                .person(sender)
                .filter(Piece.Person::isOnATeam)
                .flatMap(s -> rep.stage()
                        .person(who)
                        .filter(p -> !(p instanceof Piece.Goalkeeper) && Lane.isOpponent(p, s.bib())))
                .isPresent();
    }

    private static boolean foresees(Rep rep, BallFlight flight, Action action, ActionTimes times) {
        return times.start() + EARLY < flight.from()
                && times.end() > flight.from()
                && rep.timeline().at(action.who(), times.end()).distance(flight.end()) < THERE
                && rep.timeline().at(action.who(), times.start()).distance(flight.end()) > 2 * THERE;
    }

    private Spotted spotted(Rep rep, BallFlight flight, Action action, ActionTimes times) {
        return Said.in(
                        rep,
                        id(),
                        id(),
                        rep.name(action.who()),
                        rep.name(flight.by().who()),
                        flight.from() - times.start())
                .when(times.start())
                .at(rep.timeline().at(action.who(), times.start()))
                .about(List.of(action.id(), flight.by().id()))
                .as(Spotted.Sure.LOOK);
    }
}

package wildchalk.core.check.work;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.surface.End;

/** A pass back over half-way to a team-mate, where the sport has the ball stay in front. */
final class BackCourt implements FlightRule {

    @Override
    public String id() {
        return "back-court";
    }

    @Override
    public Optional<Spotted> broken(Rep rep, BallFlight flight) {
        Optional<End> end = Heading.team(rep, flight.by().who())
                .filter(team -> flight.receiver()
                        .flatMap(r -> Heading.team(rep, r))
                        .filter(team::equals)
                        .isPresent())
                .flatMap(team -> Heading.of(rep, team, flight.from()));
        double sign = end.filter(e -> e == End.GOAL).isPresent() ? 1 : -1;
        double back = -flight.end().x() * sign;
        return end.isPresent() && flight.start().x() * sign > 0 && back > 0
                ? Optional.of(Said.in(rep, id(), id(), rep.name(flight.by().who()), rep.metres(back))
                        .when(flight.to())
                        .at(flight.end())
                        .metres(back)
                        .about(List.of(flight.by().id()))
                        .as(Spotted.Sure.LOOK))
                : Optional.empty();
    }
}

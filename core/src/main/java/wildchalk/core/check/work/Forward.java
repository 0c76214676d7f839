package wildchalk.core.check.work;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Action;
import wildchalk.core.surface.End;

/** A ball thrown forward where the sport has it thrown back. */
final class Forward implements FlightRule {

    /** By less than this nobody calls it, metres; assumed. */
    private static final double CLEARLY = 1;

    @Override
    public String id() {
        return "forward";
    }

    @Override
    public Optional<Spotted> broken(Rep rep, BallFlight flight) {
        boolean thrown = flight.by() instanceof Action.Pass p
                && p.manner() != Action.Manner.LOB
                && p.called()
                        .filter(c -> c.contains("kick") || c.equals("grubber") || c.equals("line-out"))
                        .isEmpty();
        Optional<End> end = Heading.team(rep, flight.by().who()).flatMap(team -> Heading.of(rep, team, flight.from()));
        double sign = end.filter(e -> e == End.GOAL).isPresent() ? 1 : -1;
        double metres = (flight.end().x() - flight.start().x()) * sign;
        return thrown && end.isPresent() && metres > CLEARLY
                ? Optional.of(Said.in(rep, id(), id(), rep.name(flight.by().who()), rep.metres(metres))
                        .when(flight.from())
                        .at(flight.start())
                        .metres(metres)
                        .about(List.of(flight.by().id()))
                        .as(Spotted.Sure.LOOK))
                : Optional.empty();
    }
}

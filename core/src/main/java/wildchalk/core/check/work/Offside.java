package wildchalk.core.check.work;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.End;

/** Somebody who is passed to beyond the last opponent but one. */
final class Offside implements FlightRule {

    /** By less than this nobody sees it without help, metres; assumed. */
    private static final double CLEARLY = 0.5;

    @Override
    public String id() {
        return "offside";
    }

    @Override
    public Optional<Spotted> broken(Rep rep, BallFlight flight) {
        return flight.receiver().flatMap(r -> Heading.team(rep, r)).flatMap(team -> Heading.of(rep, team, flight.from())
                .flatMap(end -> beyond(rep, flight, team, end)));
    }

    private Optional<Spotted> beyond(Rep rep, BallFlight flight, Bib team, End end) {
        String who = flight.receiver().orElseThrow();
        Vec at = rep.timeline().at(who, flight.from());
        double sign = end == End.GOAL ? 1 : -1;
        List<Double> opponents = rep.stage().people().stream()
                .filter(p -> p.isOnATeam() && !(p instanceof Piece.LineUp) && p.bib() != team)
                .map(p -> rep.timeline().at(p.id(), flight.from()).x() * sign)
                .sorted((a, b) -> Double.compare(b, a))
                .toList();
        OptionalDouble line = opponents.size() < 2 ? OptionalDouble.empty() : OptionalDouble.of(opponents.get(1));
        double ball = flight.start().x() * sign;
        double mine = at.x() * sign;
        boolean off = line.isPresent() && mine > 0 && mine > ball && mine > line.getAsDouble() + CLEARLY;
        if (!off) {
            return Optional.empty();
        }
        double metres = mine - line.getAsDouble();
        return Optional.of(Said.in(rep, id(), id(), rep.name(who), rep.metres(metres))
                .when(flight.from())
                .at(at)
                .metres(metres)
                .about(List.of(flight.by().id(), who))
                .as(Spotted.Sure.LOOK));
    }
}

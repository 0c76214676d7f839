package wildchalk.core.check.work;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;

/** A rule about balls that are sent, where the sport has it; its word in the table is that of the check. */
interface FlightRule extends DrillCheck.OfRep {

    /** What is found of one ball. */
    Optional<Spotted> broken(Rep rep, BallFlight flight);

    @Override
    default List<Spotted> in(Rep rep) {
        return Rules.has(rep.surface(), id())
                ? rep.flights().stream().flatMap(f -> broken(rep, f).stream()).toList()
                : List.of();
    }
}

package wildchalk.core.check.work;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.surface.Surface;

/** A shot from where no goal counts. */
final class ShootsFrom implements FlightRule {

    @Override
    public String id() {
        return "shoots-from";
    }

    @Override
    public Optional<Spotted> broken(Rep rep, BallFlight flight) {
        List<Surface.Zone> zones = Rules.zones(rep.surface(), id());
        boolean counts = zones.stream().anyMatch(z -> z.contains(flight.start()));
        if (!flight.isShot() || !(flight.by().to() instanceof Spot.AtTarget) || zones.isEmpty() || counts) {
            return Optional.empty();
        }
        double metres = zones.stream()
                .mapToDouble(z -> Polygon.nearest(z.outline(), flight.start()).distance(flight.start()))
                .min()
                .orElse(0);
        String zone = zones.get(0).name();
        return Optional.of(Said.in(rep, id(), id(), rep.name(flight.by().who()), rep.metres(metres), zone)
                .when(flight.from())
                .at(flight.start())
                .metres(metres)
                .about(List.of(flight.by().id()))
                .as(Spotted.Sure.LOOK));
    }
}

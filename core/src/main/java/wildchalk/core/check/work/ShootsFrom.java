package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.surface.Surface;

/** A shot from where no goal counts. */
final class ShootsFrom implements DrillCheck.OfRep {

    @Override
    public String id() {
        return "shoots-from";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        List<Surface.Zone> zones = Rules.zones(rep.surface(), id());
        for (BallFlight flight : rep.flights()) {
            boolean aimed = flight.isShot() && flight.by().to() instanceof Spot.AtTarget && !zones.isEmpty();
            if (aimed && zones.stream().noneMatch(z -> z.contains(flight.start()))) {
                double metres = zones.stream()
                        .mapToDouble(z ->
                                Polygon.nearest(z.outline(), flight.start()).distance(flight.start()))
                        .min()
                        .orElse(0);
                found.add(Said.in(
                                rep,
                                id(),
                                id(),
                                rep.name(flight.by().who()),
                                rep.metres(metres),
                                zones.get(0).name())
                        .when(flight.from())
                        .at(flight.start())
                        .metres(metres)
                        .about(List.of(flight.by().id()))
                        .as(Spotted.Sure.LOOK));
            }
        }
        return found;
    }
}

package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Piece;
import wildchalk.core.surface.Surface;

/** Somebody with the ball in a zone that only a keeper may play in. */
final class KeepOut implements DrillCheck.OfRep {

    @Override
    public String id() {
        return "keep-out";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (Surface.Zone zone : Rules.zones(rep.surface(), id())) {
            for (Track track : rep.tracks()) {
                boolean plays = track.who().isOnATeam() && !(track.who() instanceof Piece.Goalkeeper);
                if (plays) {
                    in(rep, zone, track).ifPresent(found::add);
                }
            }
        }
        return found;
    }

    private Optional<Spotted> in(Rep rep, Surface.Zone zone, Track track) {
        for (int k = 0; k < track.looks(); k++) {
            double t = k * Track.STEP;
            if (zone.contains(track.at(k))
                    && rep.timeline().ballOf(track.id(), t).isPresent()) {
                Spotted spotted = Said.in(rep, id(), id(), rep.name(track.id()), zone.name())
                        .when(t)
                        .at(track.at(k))
                        .about(List.of(track.id(), zone.id()))
                        .as(Spotted.Sure.LOOK);
                return Optional.of(rep.going(track.id(), t)
                        .map(x -> spotted.mending(() -> new Remedies(rep).sooner(x, 1, 2, 4)))
                        .orElse(spotted));
            }
        }
        return Optional.empty();
    }
}

package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;

/** Somebody of the team with the puck who is in the attacking zone before it comes there. */
final class BlueLine implements DrillCheck.OfRep {

    /** Who is in by less than this is on the line, metres; assumed. */
    private static final double ON_THE_LINE = 0.6;

    @Override
    public String id() {
        return "blue-line";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        List<Surface.Zone> zones = Rules.zones(rep.surface(), id());
        for (Surface.Zone zone : zones) {
            for (String ball : rep.timeline().balls()) {
                enters(rep, zone, ball).ifPresent(t -> before(rep, zone, t, ball, found));
            }
        }
        return found;
    }

    /** When a ball comes into a zone from outside while somebody has it or sends it. */
    private static Optional<Double> enters(Rep rep, Surface.Zone zone, String ball) {
        boolean was = zone.contains(rep.timeline().ball(ball, 0));
        for (double t = 0; !was && t <= rep.timeline().duration(); t += Track.STEP) {
            if (zone.contains(rep.timeline().ball(ball, t))) {
                return Optional.of(t);
            }
        }
        return Optional.empty();
    }

    private void before(Rep rep, Surface.Zone zone, double t, String ball, List<Spotted> found) {
        boolean ahead = zone.outline().stream().mapToDouble(p -> p.x()).sum() > 0;
        End end = ahead ? End.GOAL : End.OWN_GOAL;
        Optional<String> by = rep.timeline().holder(ball, t).or(() -> rep.timeline()
                .sentBy(ball, t)
                .flatMap(rep.stage()::action)
                .map(a -> a.who()));
        by.flatMap(w -> Heading.team(rep, w))
                .filter(team -> Heading.of(rep, team, t).filter(e -> e == end).isPresent())
                .ifPresent(team -> {
                    for (Track track : rep.tracks()) {
                        int k = (int) (t / Track.STEP);
                        double in = Math.abs(track.at(k).x()) - edge(zone);
                        boolean early = Heading.team(rep, track.id())
                                        .filter(team::equals)
                                        .isPresent()
                                && !by.get().equals(track.id())
                                && zone.contains(track.at(k))
                                && in > ON_THE_LINE;
                        if (early) {
                            found.add(Said.in(rep, id(), id(), rep.name(track.id()), rep.metres(in))
                                    .when(t)
                                    .at(track.at(k))
                                    .metres(in)
                                    .about(List.of(track.id(), zone.id()))
                                    .as(Spotted.Sure.LOOK));
                        }
                    }
                });
    }

    /** How far out the line is that bounds a zone, metres. */
    private static double edge(Surface.Zone zone) {
        return zone.outline().stream().mapToDouble(p -> Math.abs(p.x())).min().orElse(0);
    }
}

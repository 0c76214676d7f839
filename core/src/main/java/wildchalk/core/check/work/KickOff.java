package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Lane;

/** Opponents who stand too near at a kick-off. */
final class KickOff implements DrillCheck.OfRep {

    /** A ball so near to the middle of the surface is kicked off there, metres; assumed. */
    private static final double SPOT = 1;

    @Override
    public String id() {
        return "kick-off";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        double least =
                Rules.text(rep.surface(), "distance").map(Double::parseDouble).orElse(0.0);
        for (BallFlight flight : rep.flights()) {
            boolean first = rep.flights().stream().noneMatch(f -> f.from() < flight.from());
            if (least > 0 && first && flight.start().length() < SPOT) {
                rep.stage().person(flight.by().who()).ifPresent(by -> {
                    for (Track track : rep.tracks()) {
                        Vec at = rep.timeline().at(track.id(), flight.from());
                        if (Lane.isOpponent(track.who(), by.bib()) && at.length() < least) {
                            Vec away = at.length() < 0.1
                                    ? new Vec(least, 0)
                                    : at.unit().times(least + 0.1);
                            found.add(Said.in(rep, id(), id(), rep.name(track.id()), rep.metres(at.length()), least)
                                    .when(flight.from())
                                    .at(at)
                                    .metres(at.length())
                                    .about(List.of(flight.by().id(), track.id()))
                                    .as(Spotted.Sure.LOOK)
                                    .mending(() -> List.of(new Remedies(rep).moved(track.who(), away))));
                        }
                    }
                });
            }
        }
        return found;
    }
}

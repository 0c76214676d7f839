package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Areas;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** The free strip to the station beside, and to those who look on. */
final class Strip implements DrillCheck.OfRep {

    /** Nobody runs nearer to another station than this, metres; assumed. */
    private static final double FREE = 1.5;
    /** A ball that flies farther, metres, is looked at less often. */
    private static final double MOST_LOOKS = 300;
    /** Slower than this one can still stop, m/s; assumed. */
    private static final double RUNS = 3;

    @Override
    public String id() {
        return "strip";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (Track track : rep.tracks()) {
            for (Piece.Station station : rep.stage().stations()) {
                into(rep, track, station).ifPresent(found::add);
            }
            beyond(rep, track).ifPresent(found::add);
        }
        for (BallFlight flight : rep.flights()) {
            for (Piece.Station station : rep.stage().stations()) {
                through(rep, flight, station).ifPresent(found::add);
            }
        }
        return found;
    }

    private static Optional<Piece.Station> home(Rep rep, String who) {
        return rep.stage().piece(who).flatMap(rep.stage()::stationOf);
    }

    private static double distance(Piece.Station station, Vec p) {
        List<Vec> edge = station.outline().at(station.at());
        return Polygon.contains(edge, p) ? 0 : Polygon.nearest(edge, p).distance(p);
    }

    private Optional<Spotted> into(Rep rep, Track track, Piece.Station station) {
        Optional<Piece.Station> home = home(rep, track.id());
        if (home.isEmpty() || home.get().equals(station) || track.fastest() < RUNS) {
            return Optional.empty();
        }
        for (int k = 1; k < track.looks(); k++) {
            double metres = distance(station, track.at(k));
            boolean fast = Math.max(track.speed(k), track.speed(Math.max(0, k - 5))) > RUNS;
            boolean nears = distance(station, track.at(k - 1)) > metres;
            if (metres < FREE && fast && nears) {
                double t = k * Track.STEP;
                Remedies remedies = new Remedies(rep);
                List<Finding.Mend<Drill>> mends = new ArrayList<>();
                rep.going(track.id(), t).ifPresent(x -> mends.addAll(remedies.sooner(x, 2, 3, 5)));
                return Optional.of(
                        Said.in(rep, id(), id(), rep.name(track.id()), Areas.name(station), rep.metres(metres))
                                .when(t)
                                .at(track.at(k))
                                .metres(metres)
                                .about(List.of(track.id(), station.id()))
                                .as(Spotted.Sure.LIKELY)
                                .mending(() -> mends));
            }
        }
        return Optional.empty();
    }

    /** Out of the run-off, among those who look on. */
    private Optional<Spotted> beyond(Rep rep, Track track) {
        Surface surface = rep.surface();
        for (int k = 0; k < track.looks(); k++) {
            if (surface.edge() == Surface.Edge.LINES
                    && track.speed(k) > RUNS
                    && !surface.surroundings().contains(track.at(k))) {
                double t = k * Track.STEP;
                List<Finding.Mend<Drill>> mends = new ArrayList<>();
                rep.going(track.id(), t).ifPresent(x -> mends.addAll(new Remedies(rep).sooner(x, 3, 6, 9)));
                return Optional.of(Said.in(rep, id(), "strip.beyond", rep.name(track.id()))
                        .when(t)
                        .at(track.at(k))
                        .about(List.of(track.id()))
                        .as(Spotted.Sure.LOOK)
                        .mending(() -> mends));
            }
        }
        return Optional.empty();
    }

    private Optional<Spotted> through(Rep rep, BallFlight flight, Piece.Station station) {
        Optional<Piece.Station> home = home(rep, flight.by().who());
        boolean theirs = home.filter(station::equals).isPresent()
                || flight.receiver()
                        .flatMap(r -> home(rep, r))
                        .filter(station::equals)
                        .isPresent();
        if (home.isEmpty() || theirs) {
            return Optional.empty();
        }
        int looks = Math.max(2, (int) Math.min(MOST_LOOKS, Math.ceil(flight.length())));
        for (int i = 1; i < looks; i++) {
            double t = flight.from() + (flight.to() - flight.from()) * i / looks;
            Vec ball = rep.timeline().ball(flight.ball(), t);
            if (station.contains(ball) && flight.height(t) < Assumed.OVER_HEADS) {
                return Optional.of(
                        Said.in(rep, id(), "strip.ball", rep.name(flight.by().who()), Areas.name(station))
                                .when(t)
                                .at(ball)
                                .about(List.of(flight.by().id(), station.id()))
                                .as(Spotted.Sure.LIKELY)
                                .mending(() -> new Remedies(rep).aside(station, flight.start(), flight.end(), 6, 9)));
            }
        }
        return Optional.empty();
    }
}

package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Solid;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;

/** Running or skating backward into somebody or something. */
final class Backwards implements DrillCheck.OfRep {

    /** Slower than this one feels the way with the feet, m/s; assumed. */
    private static final double FEELS = 2;
    /** So near one runs into somebody, metres; assumed. */
    private static final double INTO = 1;
    /** So near to the edge of a thing one falls over it, metres; assumed. */
    private static final double OVER = 0.6;

    @Override
    public String id() {
        return "backwards";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (Track track : rep.tracks()) {
            if (track.fastest() > FEELS) {
                rep.stage().actionsOf(track.id()).stream()
                        .filter(Travel.class::isInstance)
                        .map(Travel.class::cast)
                        .filter(t -> t.gait() == Action.Gait.BACK)
                        .forEach(t -> rep.timeline().times(t.id()).ifPresent(x -> into(rep, track, x.start(), x.end())
                                .ifPresent(found::add)));
            }
        }
        return found;
    }

    private Optional<Spotted> into(Rep rep, Track track, double from, double to) {
        int last = Math.min(track.looks() - 2, (int) (to / Track.STEP));
        for (int k = (int) Math.ceil(from / Track.STEP); k <= last; k++) {
            // Whoever brakes at the end came fast enough a moment before.
            if (Math.max(track.speed(k), track.speed(Math.max(0, k - 4))) > FEELS) {
                Optional<Spotted> hit = at(rep, track, k);
                if (hit.isPresent()) {
                    return hit;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Spotted> at(Rep rep, Track track, int k) {
        Vec here = track.at(k);
        double t = k * Track.STEP;
        for (Track other : rep.tracks()) {
            Vec there = other.at(k);
            if (other != track
                    && isAhead(rep, track, k, there, INTO)
                    && !Meant.together(rep, track.id(), other.id(), t)) {
                return Optional.of(spotted(rep, track, k, other.id(), there.distance(here)));
            }
        }
        for (Rep.Stander stander : rep.standers()) {
            if (isAhead(rep, track, k, stander.at(), INTO)) {
                return Optional.of(
                        spotted(rep, track, k, stander.line().id(), stander.at().distance(here)));
            }
        }
        for (Solid solid : Solid.of(rep)) {
            boolean named = rep.going(track.id(), t)
                    .filter(x -> x.path()
                            .last()
                            .namedPiece()
                            .filter(solid.id()::equals)
                            .isPresent())
                    .isPresent();
            if (solid.kind() != Solid.Kind.SOFT && !named && solid.distance(here) < OVER) {
                return Optional.of(spotted(rep, track, k, solid.id(), solid.distance(here)));
            }
        }
        return Optional.empty();
    }

    private static boolean isAhead(Rep rep, Track track, int k, Vec there, double within) {
        Vec here = track.at(k);
        Vec came = here.minus(track.at(k - 3));
        return there.distance(here) < within
                && came.dot(there.minus(here)) >= 0
                && !rep.sees(track.id(), k * Track.STEP, there);
    }

    private Spotted spotted(Rep rep, Track track, int k, String other, double metres) {
        Remedies remedies = new Remedies(rep);
        double t = k * Track.STEP;
        List<Finding.Mend<Drill>> mends = new ArrayList<>();
        rep.going(track.id(), t).ifPresent(travel -> {
            mends.addAll(remedies.sooner(travel, 2, 3, 5));
            mends.add(remedies.done(
                    Said.BOOK.say("forward", rep.name(track.id())),
                    travel.withGoing(travel.going().withGait(Action.Gait.RUN))));
        });
        rep.stage().piece(other).ifPresent(p -> mends.addAll(remedies.aside(p, track.at(k - 3), track.at(k), 2, 4)));
        return Said.in(rep, id(), id(), rep.name(track.id()), rep.name(other), rep.metres(metres))
                .when(t)
                .at(track.at(k))
                .metres(metres)
                .about(List.of(track.id(), other))
                .as(Spotted.Sure.LIKELY)
                .mending(() -> mends);
    }
}

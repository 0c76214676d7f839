package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntPredicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Solid;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;

/** Gear that lies where people run and no line goes round, and balls that lie there. */
final class Underfoot implements DrillCheck.OfRep {

    /** Nearer than this to the edge of something a foot comes down on it, metres; assumed. */
    private static final double ON = 0.3;
    /** The same of a ball, and of a heap of them. */
    private static final double ON_BALL = 0.35;

    private static final double ON_HEAP = 0.7;
    /** Slower than this one looks where one steps, m/s; assumed. */
    private static final double LOOKS_DOWN = 2.8;
    /** A corner of a way so near to a thing was drawn for it, metres; assumed. */
    private static final double FOR_IT = 1.2;

    @Override
    public String id() {
        return "underfoot";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        List<Solid> solids = Solid.of(rep);
        for (Track track : rep.tracks()) {
            if (track.fastest() > LOOKS_DOWN) {
                for (Solid solid : solids) {
                    if (!track.mayComeWithin(solid.middle(), ON + Math.max(solid.depth(), solid.width()))) {
                        continue;
                    }
                    on(track, solid::distance, ON, k -> !isDrawnFor(rep, track, k, solid.middle(), solid.id()))
                            .ifPresent(k -> found.add(spotted(rep, track, solid.id(), k, solid::distance)));
                }
                lying(rep, track, found);
            }
        }
        return found;
    }

    private static OptionalInt on(Track track, ToDoubleFunction<Vec> distance, double within, IntPredicate counts) {
        return IntStream.range(0, track.looks() - 1)
                .filter(k -> track.speed(k) > LOOKS_DOWN)
                .filter(k -> distance.applyAsDouble(track.at(k)) < within
                        || distance.applyAsDouble(track.at(k).towards(track.at(k + 1), 0.5)) < within)
                .filter(counts)
                .findFirst();
    }

    /** Whether a corner or the end of what somebody goes was put there for the thing. */
    private static boolean isDrawnFor(Rep rep, Track track, int k, Vec place, String piece) {
        Optional<Travel> going = rep.going(track.id(), k * Track.STEP);
        Places places = new Places(rep.stage(), rep.surface());
        return going.isEmpty()
                || going.get().path().through().stream()
                        .anyMatch(s -> s.namedPiece().filter(piece::equals).isPresent()
                                || places.of(s).distance(place) < FOR_IT);
    }

    private void lying(Rep rep, Track track, List<Spotted> found) {
        for (Piece piece : rep.stage().pieces()) {
            OptionalInt on = OptionalInt.empty();
            if (piece instanceof Piece.Supply heap && heap.count() > 0 && track.mayComeWithin(heap.at(), ON_HEAP)) {
                on = on(track, heap.at()::distance, ON_HEAP, k -> !isDrawnFor(rep, track, k, heap.at(), heap.id()));
            } else if (piece instanceof Piece.Ball ball
                    && rep.timeline().balls().contains(ball.id())) {
                on = ball(rep, track, ball);
            }
            if (on.isPresent() && !fetches(rep, track.id(), piece.id())) {
                int k = on.getAsInt();
                Vec lies = piece instanceof Piece.Ball ? rep.lies(piece.id(), k) : piece.at();
                found.add(spotted(rep, track, piece.id(), k, lies::distance));
            }
        }
    }

    private static boolean fetches(Rep rep, String who, String piece) {
        return rep.stage().actionsOf(who).stream()
                .anyMatch(a -> a instanceof Travel.Collect c
                        && c.wanted().filter(piece::equals).isPresent());
    }

    /** The look at which somebody steps on a ball that lies and is not for them. */
    private static OptionalInt ball(Rep rep, Track track, Piece.Ball ball) {
        return IntStream.range(0, track.looks() - 1)
                .filter(k -> track.speed(k) > LOOKS_DOWN)
                .filter(k -> {
                    Vec lies = rep.lies(ball.id(), k);
                    return lies != null && lies.distanceToStretch(track.at(k), track.at(k + 1)) < ON_BALL;
                })
                .filter(k -> !isSentTo(rep, track.id(), ball.id()))
                .findFirst();
    }

    private static boolean isSentTo(Rep rep, String who, String ball) {
        return rep.flights().stream()
                .anyMatch(f -> f.ball().equals(ball)
                        && (f.receiver().filter(who::equals).isPresent()
                                || f.by().who().equals(who)));
    }

    private Spotted spotted(Rep rep, Track track, String piece, int k, ToDoubleFunction<Vec> distance) {
        Remedies remedies = new Remedies(rep);
        Vec there = track.at(k);
        Piece what = rep.stage().piece(piece).orElseThrow();
        boolean ball = what instanceof Piece.Ball || what instanceof Piece.Supply;
        return Said.in(rep, id(), ball ? "underfoot.ball" : id(), rep.name(track.id()), rep.name(piece))
                .when(k * Track.STEP)
                .at(there)
                .metres(distance.applyAsDouble(there))
                .about(List.of(track.id(), piece))
                .as(Spotted.Sure.LIKELY)
                .mending(() -> remedies.aside(what, track.at(k - 3), track.at(k + 3), 2, 3))
                .mending(() -> remedies.past(track.id(), k * Track.STEP, there, rep.name(piece), 1.6));
    }
}

package wildchalk.core.check.better;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Spot;
import wildchalk.core.edit.RotationEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** A drill that is only ever shot from one side, or only ever turned one way. */
final class OneSide implements DrillCheck {

    /** Nearer than this to the middle of the goal a shot comes from no side, metres; assumed. */
    private static final double SIDE = 2;
    /** All turns of a rep in one way that are worth a word, radians; assumed. */
    private static final double TURNS = 2 * Math.PI;
    /** A way that gets less than this share of all turning is forgotten; assumed. */
    private static final double LITTLE = 0.1;

    @Override
    public String id() {
        return "one-side";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        boolean both = looked.rungs().stream().anyMatch(r -> r.stage().instructions(Rotation.Sides.class).stream()
                .anyMatch(s -> s.taken() != Rotation.Taken.AS_DRAWN));
        if (both || looked.rungs().isEmpty()) {
            return List.of();
        }
        return shots(looked).or(() -> turns(looked)).stream().toList();
    }

    private Optional<Spotted> shots(Looked looked) {
        List<Double> sides = new ArrayList<>();
        for (Rep rep : looked.reps()) {
            for (BallFlight flight : rep.flights()) {
                Optional<Surface.Target> target = flight.isShot() && flight.by().to() instanceof Spot.AtTarget t
                        ? rep.surface().target(t.target())
                        : Optional.empty();
                target.ifPresent(t -> sides.add(Vec.polar(1, t.facing())
                        .quarterTurn()
                        .dot(flight.start().minus(t.at()))));
            }
        }
        boolean left = sides.stream().allMatch(s -> s < -SIDE);
        boolean right = sides.stream().allMatch(s -> s > SIDE);
        // One shot may be where it is by chance; who shoots twice from there does so on purpose.
        return sides.size() >= 2 && (left || right)
                ? Optional.of(spotted(looked, Said.of(id(), left ? "one-side.shots.left" : "one-side.shots.right")))
                : Optional.empty();
    }

    private Optional<Spotted> turns(Looked looked) {
        double left = 0;
        double right = 0;
        for (Rep rep : looked.reps()) {
            for (Track track : rep.tracks()) {
                for (int k = 0; track.moves() && k + 2 < track.looks(); k++) {
                    Vec now = track.velocity(k);
                    Vec next = track.velocity(k + 1);
                    double turn = Math.IEEEremainder(next.angle() - now.angle(), 2 * Math.PI);
                    boolean runs = now.length() > 1 && next.length() > 1;
                    left += runs && turn < 0 ? -turn : 0;
                    right += runs && turn > 0 ? turn : 0;
                }
            }
        }
        double all = left + right;
        return all > TURNS && Math.min(left, right) < LITTLE * all
                ? Optional.of(
                        spotted(looked, Said.of(id(), left > right ? "one-side.turns.left" : "one-side.turns.right")))
                : Optional.empty();
    }

    private Spotted spotted(Looked looked, Spotted spotted) {
        Rep rep = looked.rungs().get(0);
        Finding.Mend<Drill> mend = new Finding.Mend<>(
                Said.BOOK.say("one-side.mend"),
                RotationEdits.sides(rep.stage().id(), Rotation.Taken.IN_TURN, Optional.empty()));
        return spotted.in(rep).as(Spotted.Sure.LIKELY).mending(() -> List.of(mend));
    }
}

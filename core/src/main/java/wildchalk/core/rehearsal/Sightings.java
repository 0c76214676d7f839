package wildchalk.core.rehearsal;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoublePredicate;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;

/** Looks through a finished timeline for where people and balls come, fifty times a second. */
final class Sightings {

    private static final double LOOK = 0.02;
    private static final double FINE = 1e-4;

    private final Timeline timeline;
    private final Surface surface;

    Sightings(Timeline timeline, Surface surface) {
        this.timeline = timeline;
        this.surface = surface;
    }

    /** When a person is first seen in a zone. */
    OptionalDouble inZone(String who, String zone, double from) {
        Optional<Surface.Zone> there = surface.zone(zone);
        return there.isEmpty() ? OptionalDouble.empty() : first(from, t -> there.get().contains(timeline.pose(who, t).at()));
    }

    /** When any ball is first seen in a zone. */
    OptionalDouble inZone(String zone, double from) {
        return first(from, t -> anyBallIn(zone, t));
    }

    private boolean anyBallIn(String zone, double t) {
        return surface.zone(zone).filter(z -> timeline.balls().stream()
                .anyMatch(b -> timeline.inPlayFrom(b) <= t && z.contains(timeline.ball(b, t)))).isPresent();
    }

    /** How often balls have come into a zone from outside before a time. */
    long entries(String zone, double until) {
        long entries = 0;
        for (String ball : timeline.balls()) {
            boolean in = ballIn(zone, ball, 0);
            for (double t = LOOK; t <= until; t += LOOK) {
                boolean now = ballIn(zone, ball, t);
                entries += now && !in ? 1 : 0;
                in = now;
            }
        }
        return entries;
    }

    private boolean ballIn(String zone, String ball, double t) {
        return surface.zone(zone).filter(z -> z.contains(timeline.ball(ball, t))).isPresent();
    }

    /** When a ball first is on the other side of a line from where it was. */
    OptionalDouble crosses(String ball, String line) {
        Optional<Marking.Straight> marking = surface.line(line);
        if (marking.isEmpty()) {
            return OptionalDouble.empty();
        }
        Vec a = marking.get().points().get(0);
        Vec way = marking.get().points().get(marking.get().points().size() - 1).minus(a);
        double side = Math.signum(way.cross(timeline.ball(ball, 0).minus(a)));
        return first(0, t -> way.cross(timeline.ball(ball, t).minus(a)) * side < 0);
    }

    private OptionalDouble first(double from, DoublePredicate holds) {
        if (holds.test(from)) {
            return OptionalDouble.of(from);
        }
        double end = timeline.duration();
        for (double t = from; t < end; t += LOOK) {
            double to = Math.min(end, t + LOOK);
            if (holds.test(to)) {
                return OptionalDouble.of(moment(holds, t, to));
            }
        }
        return OptionalDouble.empty();
    }

    private static double moment(DoublePredicate holds, double from, double to) {
        double before = from;
        double after = to;
        while (after - before > FINE) {
            double middle = (before + after) / 2;
            if (holds.test(middle)) {
                after = middle;
            } else {
                before = middle;
            }
        }
        return after;
    }
}

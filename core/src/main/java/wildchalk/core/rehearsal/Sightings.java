package wildchalk.core.rehearsal;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Halving;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/**
 * Looks through a finished timeline for where people and balls come. One looks again as soon as somebody could have got
 * there, fifty times a second at most.
 */
final class Sightings {

    private static final double LOOK = 0.02;
    private static final double FINE = 1e-4;
    /** Who is no farther out of a zone than this is on its line, metres. */
    private static final double ON_THE_LINE = 0.3;

    /** Nobody runs, and no ball flies, faster than this, m/s; assumed. */
    private static final double FASTEST_PERSON = 15;

    private static final double FASTEST_BALL = 60;

    private final Timeline timeline;
    private final Surface surface;

    Sightings(Timeline timeline, Surface surface) {
        this.timeline = timeline;
        this.surface = surface;
    }

    /** What is looked at: where it is, how fast it can be, and from when on it counts. */
    private record Seen(DoubleFunction<Vec> place, double fastest, double from) {}

    private Seen person(String who) {
        return new Seen(t -> timeline.at(who, t), FASTEST_PERSON, 0);
    }

    private Seen ball(String ball) {
        return new Seen(t -> timeline.ball(ball, t), FASTEST_BALL, Math.max(0, timeline.inPlayFrom(ball)));
    }

    /** When a person is first seen in a zone. */
    OptionalDouble inZone(String who, String zone, double from) {
        return surface.zone(zone)
                .map(z -> first(person(who), from, z::contains, awayFrom(z)))
                .orElse(OptionalDouble.empty());
    }

    /** When a person is first seen outside a zone that they are to stay in. */
    OptionalDouble outOfZone(String who, String zone) {
        return surface.zone(zone)
                .map(z -> first(
                        person(who), 0, p -> !z.contains(p) && awayFrom(z).applyAsDouble(p) > ON_THE_LINE, awayFrom(z)))
                .orElse(OptionalDouble.empty());
    }

    /** When any ball is first seen in a zone. */
    OptionalDouble inZone(String zone, double from) {
        Optional<Surface.Zone> there = surface.zone(zone);
        return there.isEmpty()
                ? OptionalDouble.empty()
                : timeline.balls().stream()
                        .map(this::ball)
                        .map(b -> first(b, Math.max(from, b.from()), there.get()::contains, awayFrom(there.get())))
                        .filter(OptionalDouble::isPresent)
                        .mapToDouble(OptionalDouble::getAsDouble)
                        .min();
    }

    /** How often somebody has come to have a ball in a zone before a time; one that is played over it is not in it. */
    long entries(String zone, double until) {
        Optional<Surface.Zone> there = surface.zone(zone);
        return there.isEmpty()
                ? 0
                : timeline.balls().stream()
                        .mapToLong(b -> entries(b, there.get(), until))
                        .sum();
    }

    /** While it is passed about within the zone it stays in it. */
    private long entries(String id, Surface.Zone zone, double until) {
        Seen ball = ball(id);
        long entries = 0;
        boolean in = zone.contains(ball.place().apply(0));
        for (double t = ball.from(); t <= until; t += pause(ball, t, awayFrom(zone))) {
            boolean had = timeline.holder(id, t).isPresent();
            if (!zone.contains(ball.place().apply(t))) {
                in = false;
            } else if (had) {
                entries += in ? 0 : 1;
                in = true;
            }
        }
        return entries;
    }

    /** When a ball first is on the other side of a line from where it was. */
    OptionalDouble crosses(String ball, String line) {
        Optional<Marking.Straight> marking = surface.line(line);
        if (marking.isEmpty()) {
            return OptionalDouble.empty();
        }
        List<Vec> points = marking.get().points();
        Vec a = points.get(0);
        Vec way = points.get(points.size() - 1).minus(a).unit();
        double side = Math.signum(way.cross(timeline.ball(ball, 0).minus(a)));
        return first(ball(ball), 0, p -> way.cross(p.minus(a)) * side < 0, p -> Math.abs(way.cross(p.minus(a))));
    }

    /** Metres from a place to the edge of a zone, inside or outside. */
    private static ToDoubleFunction<Vec> awayFrom(Surface.Zone zone) {
        List<Vec> edge = zone.outline();
        return p -> {
            double away = Double.POSITIVE_INFINITY;
            for (int i = 0; i < edge.size(); i++) {
                away = Math.min(away, p.distanceToStretch(edge.get(i), edge.get((i + 1) % edge.size())));
            }
            return away;
        };
    }

    private OptionalDouble first(Seen seen, double from, Predicate<Vec> holds, ToDoubleFunction<Vec> away) {
        double end = timeline.duration();
        if (from > end) {
            return OptionalDouble.empty();
        }
        double t = from;
        while (!holds.test(seen.place().apply(t))) {
            if (t >= end) {
                return OptionalDouble.empty();
            }
            double to = Math.min(end, t + pause(seen, t, away));
            if (holds.test(seen.place().apply(to))) {
                return OptionalDouble.of(
                        Halving.begin(x -> holds.test(seen.place().apply(x)), t, to, FINE));
            }
            t = to;
        }
        return OptionalDouble.of(t);
    }

    /** How long it takes at least to get to an edge. */
    private static double pause(Seen seen, double t, ToDoubleFunction<Vec> away) {
        return Math.max(LOOK, away.applyAsDouble(seen.place().apply(t)) / seen.fastest());
    }
}

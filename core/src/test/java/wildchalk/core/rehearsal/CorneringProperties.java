package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.effort.OwnFigures;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.timeline.Timeline;

/** What holds for any way with corners, seen by where somebody is when. */
class CorneringProperties {

    private static final double STEP = 0.01;
    /** What the hand shook is left out: a place that matters no more than this is not gone to, metres. */
    private static final double SHAKE = 0.15;

    /** So far from a corner the straight is not rounded any more, metres. */
    private static final double ROUNDED = 2;

    private static Timeline run(Effort effort, Going going, List<Vec> way) {
        double[] xy = new double[2 * way.size()];
        for (int i = 0; i < way.size(); i++) {
            xy[2 * i] = way.get(i).x();
            xy[2 * i + 1] = way.get(i).y();
        }
        Stage stage = new Stages()
                .player("7", 0, 0)
                .travel(new Travel.Run("a1", "7", Stages.path(false, xy), going, Ending.STOP, Cue.whistle()))
                .build()
                .at(effort.reacting(false));
        return Rehearsal.of(stage, Stages.TURF);
    }

    private static double end(Timeline t) {
        return t.times("a1").orElseThrow().end();
    }

    /** A straight between two corners is run at the speed that there is room for: stopping at each is the worst. */
    @Property(tries = 300, seed = "19081")
    void noWayTakesLongerThanStoppingAtEachOfItsCorners(@ForAll("ways") List<Vec> way, @ForAll Gait gait) {
        double stopping = 0;
        Vec from = Vec.ZERO;
        for (Vec to : way) {
            stopping += end(run(Effort.LIVE, Going.of(gait), List.of(to.minus(from))));
            from = to;
        }
        double is = end(run(Effort.LIVE, Going.of(gait), way));
        // Who goes slowly anyway saves nothing by stopping, and turns on a circle.
        assertTrue(is <= stopping + 0.12 * way.size(), is + " s, and stopping everywhere " + stopping + " s");
    }

    @Property(tries = 300, seed = "19081")
    void everyPlaceThatWasDrawnIsPassedAsNearAsIsSaid(@ForAll("ways") List<Vec> way, @ForAll Gait gait) {
        Timeline t = run(Effort.LIVE, Going.of(gait), way);
        double within = Speeds.of(Stages.TURF).corners().within() + SHAKE;
        for (Vec place : way) {
            double nearest = Double.MAX_VALUE;
            for (double time = 0; time <= end(t) + STEP; time += STEP) {
                nearest = Math.min(nearest, t.at("7", time).distance(place));
            }
            assertTrue(nearest <= within + 0.05, place + " is passed " + nearest + " m off");
        }
    }

    /**
     * Between the rounding of two corners a straight is run as if it were alone: from the speed that one comes onto it
     * with, as hard as somebody sets off from rest, to the speed that it is left with, as hard as somebody stops.
     */
    @Property(tries = 200, seed = "19081")
    void noStraightIsSlowerThanAlone(@ForAll("ways") List<Vec> way) {
        Alone alone = new Alone(run(Effort.LIVE, Going.of(Gait.SPRINT), List.of(new Vec(80, 0))));
        Timeline t = run(Effort.LIVE, Going.of(Gait.SPRINT), way);
        double seen = 0;
        Vec from = Vec.ZERO;
        for (Vec to : way) {
            Vec along = to.minus(from).unit();
            if (to.distance(from) > 3 * ROUNDED) {
                double begin = passes(t, from.plus(along.times(ROUNDED)), along, seen);
                double end = passes(t, to.minus(along.times(ROUNDED)), along, begin);
                double between = t.at("7", begin).distance(t.at("7", end));
                double best = alone.time(speed(t, begin), speed(t, end), between);
                assertTrue(
                        end - begin <= best + 0.03,
                        between + " m to " + to + " in " + (end - begin) + " s, alone " + best);
                seen = end;
            }
            // A way may lead back over where it came from: what is looked at next comes after this place.
            seen = comesBy(t, to, seen);
            from = to;
        }
    }

    /** Was measured from the wrong one of two times at which somebody comes by the same place. */
    @Example
    void norIsOneThatLeadsBackOverWhereItBegan() {
        noStraightIsSlowerThanAlone(List.of(new Vec(2, 0), new Vec(-1.64, -0.64), new Vec(18.34, 0.06)));
    }

    /** When somebody comes by a place that was drawn, from a time on. */
    private static double comesBy(Timeline t, Vec place, double from) {
        double within = Speeds.of(Stages.TURF).corners().within() + SHAKE + 0.05;
        double time = from;
        while (time < end(t) && t.at("7", time).distance(place) > within) {
            time += 0.005;
        }
        return time;
    }

    /** When somebody is abreast of a place on their straight, from a time on. */
    private static double passes(Timeline t, Vec place, Vec along, double from) {
        double time = from;
        while (time < end(t) && !isAbreast(t, time, place, along)) {
            time += 0.005;
        }
        return time;
    }

    private static boolean isAbreast(Timeline t, double time, Vec place, Vec along) {
        Vec off = t.at("7", time).minus(place);
        Vec goes = t.at("7", time + 0.005).minus(t.at("7", time));
        return off.length() < 0.6 && off.dot(along) >= 0 && goes.unit().dot(along) > 0.95;
    }

    private static double speed(Timeline t, double time) {
        return t.at("7", time + 0.001).distance(t.at("7", time - 0.001)) / 0.002;
    }

    /** Setting off and stopping, read off somebody who runs straight on and stops: place and speed every 5 ms. */
    private static final class Alone {
        private final List<double[]> sets = new ArrayList<>();
        private final List<double[]> stops = new ArrayList<>();

        Alone(Timeline t) {
            double top = 0;
            for (double time = 0; time <= end(t); time += 0.005) {
                double v = speed(t, time);
                top = Math.max(top, v);
                (v < top - 1e-6 && t.at("7", time).x() > 40 ? stops : sets)
                        .add(new double[] {t.at("7", time).x(), v});
            }
        }

        /** The least time for a straight that is entered and left at such speeds, seconds. */
        double time(double in, double out, double metres) {
            double begin = place(sets, in);
            double halt = place(stops, out);
            double sum = 0;
            for (double at = 0.005; at < metres; at += 0.01) {
                double v = Math.min(speedAt(sets, begin + at), speedAt(stops, halt - (metres - at)));
                sum += 0.01 / Math.max(v, 0.05);
            }
            return sum;
        }

        private static double place(List<double[]> run, double speed) {
            return run.stream()
                    .min(Comparator.comparingDouble(s -> Math.abs(s[1] - speed)))
                    .orElseThrow()[0];
        }

        private double speedAt(List<double[]> run, double place) {
            double first = run.get(0)[0];
            if (run == stops && place < first) {
                return Double.MAX_VALUE;
            }
            return run.stream()
                    .min(Comparator.comparingDouble(s -> Math.abs(s[0] - place)))
                    .orElseThrow()[1];
        }
    }

    @Property(tries = 60, seed = "19081")
    void timeThroughACornerFallsWithItsRadius(@ForAll @DoubleRange(min = 30, max = 95) double angle) {
        double before = Double.MAX_VALUE;
        for (double radius = 0.5; radius <= 4; radius += 0.5) {
            Effort wide = Effort.LIVE.with(OwnFigures.NONE.with(Figure.TIGHT_TURN, radius));
            Vec corner = new Vec(15, 0);
            double is = end(run(
                    wide,
                    Going.of(Gait.SPRINT).cornering(Going.Corner.TIGHT_TURN),
                    List.of(corner, corner.plus(Vec.polar(15, Math.toRadians(angle))))));
            assertTrue(is <= before + 1e-6, "a radius of " + radius + " m takes " + is + " s, a smaller one " + before);
            before = is;
        }
    }

    @Property(tries = 150, seed = "19081")
    void noseTurnsNoFasterThanABodyDoes(@ForAll("ways") List<Vec> way, @ForAll Gait gait) {
        Timeline t = run(Effort.LIVE, Going.of(gait), way);
        for (double time = 0; time < end(t) + 1; time += STEP) {
            double turned = Math.IEEEremainder(
                    t.pose("7", time + STEP).facing() - t.pose("7", time).facing(), 2 * Math.PI);
            assertTrue(Math.abs(turned) <= 9 * STEP + 1e-6, "it turns by " + turned + " at " + time);
        }
    }

    @Provide
    Arbitrary<List<Vec>> ways() {
        Arbitrary<Double> turns = Arbitraries.integers().between(-180, 180).map(d -> Math.toRadians(d));
        Arbitrary<Double> legs = Arbitraries.doubles().between(2, 20);
        return turns.list().ofMinSize(1).ofMaxSize(5).flatMap(t -> legs.list()
                .ofSize(t.size())
                .map(l -> {
                    List<Vec> way = new ArrayList<>();
                    Vec at = Vec.ZERO;
                    double heading = 0;
                    for (int i = 0; i < t.size(); i++) {
                        heading += t.get(i);
                        at = at.plus(Vec.polar(l.get(i), heading));
                        way.add(at);
                    }
                    return way;
                }));
    }
}

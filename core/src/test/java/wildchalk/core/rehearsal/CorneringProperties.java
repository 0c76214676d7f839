package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Figure;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.OwnFigures;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.timeline.Timeline;

/** What holds for any way with corners, seen by where somebody is when. */
class CorneringProperties {

    private static final double STEP = 0.01;
    /** What the hand shook is left out: a place that matters no more than this is not gone to, metres. */
    private static final double SHAKE = 0.15;

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
    @Property(tries = 300)
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

    @Property(tries = 300)
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

    @Property(tries = 60)
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

    @Property(tries = 150)
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

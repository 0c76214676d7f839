package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Timeline;

/** What holds for any two who meet on a line of one of them, seen by where ball and runner are when. */
class MeetingProperties {

    /** As near as corners are rounded. */
    private static final double WITHIN = 0.45;

    /**
     * Two who meet.
     *
     * @param carried where the passer carries the ball first; the place where they stand for nowhere
     * @param first how long the runner waits after the whistle, seconds
     */
    record Two(Vec passer, Vec carried, Vec runner, List<Vec> way, boolean smooth, double share, double first) {

        Stage stage(boolean ends, boolean sides, Vec moved) {
            Vec from = passer.mirrored(ends, sides);
            Vec to = carried.mirrored(ends, sides);
            Vec starts = runner.plus(moved).mirrored(ends, sides);
            Vec after = new Vec(0, 20).plus(moved).mirrored(ends, sides);
            double[] xy = new double[2 * way.size()];
            for (int i = 0; i < way.size(); i++) {
                Vec place = way.get(i).plus(moved).mirrored(ends, sides);
                xy[2 * i] = place.x();
                xy[2 * i + 1] = place.y();
            }
            Stages s = new Stages()
                    .player("3", from.x(), from.y())
                    .player("7", starts.x(), starts.y())
                    .ball("b", "3")
                    .travel(new Travel.Run(
                            "a1",
                            "7",
                            Stages.path(smooth, xy),
                            Gait.RUN,
                            Ending.GO_ON,
                            new Cue(new Cue.Whistle(), first)));
            if (!carried.equals(passer)) {
                s.carry("a0", "3", Cue.whistle(), to.x(), to.y());
            }
            return s.action(new Action.Pass("a2", "3", new Spot.OnLine("7", "a1", share), Touch.CONTROLLED, Cue.next()))
                    .run("a3", "7", Cue.next(), after.x(), after.y())
                    .build();
        }

        Stage stage() {
            return stage(false, false, Vec.ZERO);
        }
    }

    private static double arrival(Timeline t) {
        return t.times("a2").orElseThrow().arrival();
    }

    private static Vec met(Timeline t) {
        return t.at("7", arrival(t));
    }

    @Property(tries = 400, seed = "19081")
    void ballAndRunnerComeTogetherWhereItWasDrawn(@ForAll("twos") Two two) {
        Timeline t = Rehearsal.of(two.stage(), Stages.TURF);
        Vec drawn = new Places(two.stage(), Stages.TURF).of(new Spot.OnLine("7", "a1", two.share()));
        assertTrue(met(t).distance(drawn) < WITHIN, "drawn at " + drawn + ", met at " + met(t));
        Vec ball = t.ball("b", arrival(t) - 1e-4);
        assertTrue(ball.distance(met(t)) < 0.05, "the ball comes to " + ball + ", the runner to " + met(t));
    }

    @Property(tries = 200, seed = "19081")
    void nobodyLetsABallGoBeforeTheyHaveComeToWhereTheyPass(@ForAll("twos") Two two) {
        Timeline t = Rehearsal.of(two.stage(), Stages.TURF);
        double has = two.carried().equals(two.passer())
                ? 0
                : t.times("a0").orElseThrow().end();
        assertTrue(t.times("a2").orElseThrow().release() >= has - 1e-9);
    }

    @Property(tries = 200, seed = "19081")
    void mirroredTheyMeetMirrored(@ForAll("twos") Two two, @ForAll boolean ends, @ForAll boolean sides) {
        Timeline t = Rehearsal.of(two.stage(), Stages.TURF);
        Timeline other = Rehearsal.of(two.stage(ends, sides, Vec.ZERO), Stages.TURF);
        // They count as together within 0.03 s.
        assertEquals(arrival(t), arrival(other), 0.05);
        assertEquals(0, met(t).mirrored(ends, sides).distance(met(other)), 0.3);
    }

    @Property(tries = 200, seed = "19081")
    void movedLinesTakeTheMeetingAlong(@ForAll("twos") Two two) {
        Vec by = new Vec(2.5, -1.5);
        Timeline moved = Rehearsal.of(two.stage(false, false, by), Stages.TURF);
        Vec drawn = new Places(two.stage(), Stages.TURF)
                .of(new Spot.OnLine("7", "a1", two.share()))
                .plus(by);
        assertTrue(met(moved).distance(drawn) < WITHIN, "drawn at " + drawn + ", met at " + met(moved));
    }

    @Provide
    Arbitrary<Two> twos() {
        Arbitrary<Vec> places = Combinators.combine(
                        Arbitraries.doubles().between(-30, 30),
                        Arbitraries.doubles().between(-20, 20))
                .as(Vec::new);
        Arbitrary<List<Vec>> legs = Combinators.combine(
                        Arbitraries.doubles().between(4, 15),
                        Arbitraries.doubles().between(-1.8, 1.8))
                .as(Vec::polar)
                .list()
                .ofMinSize(1)
                .ofMaxSize(4);
        return Combinators.combine(
                        places,
                        places,
                        Arbitraries.of(true, false),
                        places,
                        legs,
                        Arbitraries.of(true, false),
                        Arbitraries.doubles().between(0.15, 1),
                        Arbitraries.doubles().between(0, 4))
                .as((passer, carried, carries, runner, steps, smooth, share, first) -> {
                    List<Vec> way = new ArrayList<>();
                    Vec at = runner;
                    double heading = 0;
                    for (Vec step : steps) {
                        heading += step.angle();
                        at = at.plus(Vec.polar(step.length(), heading));
                        way.add(at);
                    }
                    return new Two(passer, carries ? carried : passer, runner, way, smooth, share, first);
                });
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Going.Corner;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.timeline.Timeline;

/** How bodies go, stop and turn, each case worked by hand. */
class GoingTest {

    private static final Speeds TURF = Speeds.of(Stages.TURF);

    private static Travel.Run run(String id, Going going, Ending ending, Cue cue, double... xy) {
        return new Travel.Run(id, "7", Stages.path(false, xy), going, ending, cue);
    }

    private static double slowest(Timeline t, double until) {
        double slowest = Double.MAX_VALUE;
        for (double time = 1; time < until; time += 0.005) {
            double speed =
                    t.pose("7", time).at().distance(t.pose("7", time + 0.005).at()) / 0.005;
            slowest = Math.min(slowest, speed);
        }
        return slowest;
    }

    @Test
    void paceIsAShareOfTheTopSpeed() {
        Timeline t = new Stages()
                .player("7", -20, 0)
                .travel(run("a1", Going.of(Gait.SPRINT).paced(0.6), Ending.GO_ON, Cue.whistle(), 0, 0))
                .travel(run("a2", Going.of(Gait.SPRINT), Ending.GO_ON, Cue.next(), 20, 0))
                .rehearse();
        double top = 0.6 * TURF.top().get(Gait.SPRINT);
        assertEquals(ClosedForm.secondsFor(20, top), t.times("a1").orElseThrow().end(), 0.001);
    }

    @Test
    void touchingAndLandingTakeTheirTimeBesides() {
        double stops = new Stages()
                .player("7", 0, 0)
                .travel(run("a1", Going.of(Gait.RUN), Ending.STOP, Cue.whistle(), 10, 0))
                .rehearse()
                .times("a1")
                .orElseThrow()
                .end();
        double touches = new Stages()
                .player("7", 0, 0)
                .travel(run("a1", Going.of(Gait.RUN), Ending.TOUCH, Cue.whistle(), 10, 0))
                .rehearse()
                .times("a1")
                .orElseThrow()
                .end();
        double lands = new Stages()
                .player("7", 0, 0)
                .travel(run("a1", Going.of(Gait.RUN), Ending.JUMP_STOP, Cue.whistle(), 10, 0))
                .rehearse()
                .times("a1")
                .orElseThrow()
                .end();
        assertEquals(stops + TURF.takes().touching(), touches, 1e-9);
        assertEquals(stops + TURF.takes().landing(), lands, 1e-9);
    }

    @Test
    void cutAt90DegreesCostsTheSpeedThatItsRadiusLeaves() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .travel(run("a1", Going.of(Gait.SPRINT), Ending.GO_ON, Cue.whistle(), 15, 0, 15, 15))
                .rehearse();
        // A foot that is planted throws a body round by 4.3 m/s: v = 4.3 / √2, and passes the corner within 0.4 m.
        assertEquals(4.3 / Math.sqrt(2), slowest(t, 4), 0.05);
        double nearest = Double.MAX_VALUE;
        for (double time = 0; time < 5; time += 0.005) {
            nearest = Math.min(nearest, t.pose("7", time).at().distance(new Vec(15, 0)));
        }
        assertEquals(0.4, nearest, 0.005);
    }

    @Test
    void tightTurnKeepsMoreSpeedInItsWiderBend() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .travel(run(
                        "a1",
                        Going.of(Gait.SPRINT).cornering(Corner.TIGHT_TURN),
                        Ending.GO_ON,
                        Cue.whistle(),
                        15,
                        0,
                        15,
                        15))
                .rehearse();
        // v = √(grip · r) = √(6 · 2) m/s.
        assertEquals(Math.sqrt(12), slowest(t, 4), 0.05);
    }

    @Test
    void spinLeavesAShareOfTheCutAndTurnsTheLongWayRound() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .travel(run(
                        "a1", Going.of(Gait.SPRINT).cornering(Corner.SPIN), Ending.GO_ON, Cue.whistle(), 15, 0, 15, 15))
                .rehearse();
        assertEquals(TURF.corners().spin() * 4.3 / Math.sqrt(2), slowest(t, 4.5), 0.05);
        // The way turns by 90° to the right; the body by 270° to the left, so it faces back somewhere in between.
        double turned = 0;
        for (double time = 0; time < 5; time += 0.002) {
            turned += Math.IEEEremainder(
                    t.pose("7", time + 0.002).facing() - t.pose("7", time).facing(), 2 * Math.PI);
        }
        assertEquals(-1.5 * Math.PI, turned, 0.01);
    }

    @Test
    void whoWatchesSomebodyFacesThemAllTheWay() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 20)
                .sprint("b1", "9", Cue.whistle(), 30, 20)
                .travel(run("a1", Going.of(Gait.JOG).watching(Spot.at("9")), Ending.GO_ON, Cue.whistle(), 15, 0))
                .rehearse();
        for (double time = 0.4; time < t.times("a1").orElseThrow().end() - 0.4; time += 0.1) {
            Vec look = t.pose("9", time).at().minus(t.pose("7", time).at());
            assertEquals(look.angle(), t.pose("7", time).facing(), 0.01);
        }
    }

    @Test
    void openingToTheOtherSideTakesTheLongWay() {
        // From facing right to facing down is a quarter turn to the right, so three quarters to the left.
        assertEquals(TURF.takes().turning() * 0.5, turn(Hold.Turn.OPEN_RIGHT), 1e-9);
        assertEquals(TURF.takes().turning() * 0.5, turn(Hold.Turn.SHORTER), 1e-9);
        assertEquals(TURF.takes().turning() * 1.5, turn(Hold.Turn.OPEN_LEFT), 1e-9);
        assertEquals(TURF.takes().turning() * 2.5, turn(Hold.Turn.SPIN), 1e-9);
    }

    private static double turn(Hold.Turn turn) {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .action(new Hold(
                        "h",
                        "7",
                        Hold.Stance.TURN,
                        Optional.of(Spot.at(0, 10)),
                        turn,
                        0,
                        Optional.empty(),
                        Cue.whistle()))
                .rehearse();
        double end = t.times("h").orElseThrow().end();
        assertEquals(Math.PI / 2, Math.IEEEremainder(t.pose("7", end + 1).facing(), 2 * Math.PI), 1e-9);
        return end;
    }

    @Test
    void bendAtAGivenRadiusIsTakenAtWhatGripAllows() {
        // A smooth line round a circle of 4 m: v = √(6 · 4) = 4.9 m/s.
        double[] xy = new double[2 * 24];
        for (int i = 0; i < 24; i++) {
            double angle = Math.PI * 2 * (i + 1) / 24 - Math.PI / 2;
            xy[2 * i] = 4 * Math.cos(angle);
            xy[2 * i + 1] = 4 + 4 * Math.sin(angle);
        }
        Timeline t = new Stages()
                .player("7", 0, 0)
                .travel(new Travel.Run("a1", "7", Stages.path(true, xy), Gait.SPRINT, Ending.GO_ON, Cue.whistle()))
                .rehearse();
        double half = t.times("a1").orElseThrow().end() * 0.5;
        double speed = t.pose("7", half).at().distance(t.pose("7", half + 0.05).at()) / 0.05;
        assertEquals(Math.sqrt(6 * 4), speed, 0.1);
    }

    @Test
    void brakingToAStopTakesSpeedOverBrake() {
        Timeline t = new Stages()
                .player("7", -30, 0)
                .travel(run("a1", Going.of(Gait.SPRINT), Ending.STOP, Cue.whistle(), 20, 0))
                .rehearse();
        double end = t.times("a1").orElseThrow().end();
        // v² = 2 · 6.5 · s: one second before the end it goes 6.5 m/s and has 3.25 m to go.
        assertEquals(3.25, t.pose("7", end - 1).at().distance(new Vec(20, 0)), 0.01);
        assertEquals(0.8125, t.pose("7", end - 0.5).at().distance(new Vec(20, 0)), 0.01);
    }

    @Test
    void splitsOfTheChosenSprintAreThoseOfTheFormulaAndSaidToBeAssumed() {
        // 8 m/s and 1.1 s are assumed as typical of grown club players; no publication stands behind them.
        Timeline t = new Stages()
                .player("7", -20, 0)
                .sprint("a1", "7", Cue.whistle(), -10, 0)
                .sprint("a2", "7", Cue.next(), 0, 0)
                .sprint("a3", "7", Cue.next(), 10, 0)
                .sprint("a4", "7", Cue.next(), 25, 0)
                .rehearse();
        double[] splits = {2.2013, 3.5570, 4.8364};
        for (int i = 0; i < 3; i++) {
            double end = t.times("a" + (i + 1)).orElseThrow().end();
            double gone = 8 * (end - 1.1 * (1 - Math.exp(-end / 1.1)));
            assertEquals(10 * (i + 1), gone, 0.01);
            assertEquals(splits[i], end, 0.002);
        }
        assertTrue(t.problems().isEmpty());
    }
}

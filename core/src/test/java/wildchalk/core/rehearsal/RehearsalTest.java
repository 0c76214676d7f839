package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** Cases worked by hand, each with its formula. */
class RehearsalTest {

    private static final Speeds TURF = Speeds.of(Stages.TURF);
    private static final double SPRINT = TURF.top().get(Gait.SPRINT);
    private static final double MILLISECOND = 0.001;

    @ParameterizedTest
    @ValueSource(doubles = {10, 20, 30})
    void sprintFromRestFollowsTheClosedForm(double metres) {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .sprint("a1", "7", Cue.whistle(), metres, 0)
                .sprint("a2", "7", Cue.next(), metres + 20, 0)
                .rehearse();
        double expected = ClosedForm.secondsFor(metres, SPRINT);
        assertEquals(expected, end(t, "a1"), MILLISECOND);
        assertEquals(metres, t.pose("7", expected).at().x(), 0.01);
    }

    @Test
    void sprintOfTwentyMetresTakesWhatItTakesByHand() {
        // v = 8, τ = 1.1: 20 = 8·(t − 1.1·(1 − e^(−t/1.1))). At t = 3.54: e^(−3.218) = 0.0400, 8·(3.54 − 1.056) =
        // 19.87.
        // At t = 3.56: e^(−3.236) = 0.0393, 8·(3.56 − 1.0568) = 20.03. So t is between, near 3.557.
        Timeline t = new Stages()
                .player("7", 0, 0)
                .sprint("a1", "7", Cue.whistle(), 20, 0)
                .sprint("a2", "7", Cue.next(), 40, 0)
                .rehearse();
        assertEquals(3.557, end(t, "a1"), 0.002);
    }

    @Test
    void whoHasNothingMoreToDoComesToRestWhereTheLineEnds() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .sprint("a1", "7", Cue.whistle(), 20, 0)
                .rehearse();
        assertEquals(20, t.pose("7", t.duration() + 5).at().x(), 1e-9);
        double before = end(t, "a1") - 0.1;
        // The last 0.1 s of braking at b cover b·t²/2.
        double left = 20 - t.pose("7", before).at().x();
        assertEquals(TURF.brake() * 0.01 / 2, left, 0.002);
        assertTrue(end(t, "a1") > ClosedForm.secondsFor(20, SPRINT));
    }

    @Test
    void stopHoldsEvenWhenMoreFollows() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .travel(new Travel.Run("a1", "7", Stages.path(false, 15, 0), Gait.RUN, Ending.STOP, Cue.whistle()))
                .run("a2", "7", Cue.next(), 30, 0)
                .rehearse();
        double at = end(t, "a1");
        double step = 0.01;
        assertEquals(0, t.pose("7", at).at().distance(t.pose("7", at + step).at()) / step, 0.1);
        assertEquals(end(t, "a1"), start(t, "a2"), 1e-9);
    }

    @Test
    void travelsThatFollowRunThrough() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 15, 0)
                .run("a2", "7", Cue.next(), 30, 0)
                .rehearse();
        double at = end(t, "a1");
        double speed =
                t.pose("7", at + 0.01).at().distance(t.pose("7", at - 0.01).at()) / 0.02;
        assertTrue(speed > 0.9 * TURF.top().get(Gait.RUN), "runs through at " + speed + " m/s");
    }

    @Test
    void squareCutIsTakenAtTheSpeedItsRadiusAllows() {
        // v = √(grip · r) on the rounding.
        Timeline t = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 20, 0, 20, 20)
                .rehearse();
        double slowest = Double.MAX_VALUE;
        for (double time = 2.5; time < end(t, "a1") - 1.5; time += 0.005) {
            slowest = Math.min(
                    slowest,
                    t.pose("7", time).at().distance(t.pose("7", time + 0.005).at()) / 0.005);
        }
        // Passed within so much, a square corner has the radius within / (√2 − 1).
        double radius = TURF.corners().within() / (Math.sqrt(2) - 1);
        assertEquals(Math.sqrt(TURF.grip() * TURF.corners().plant() * radius), slowest, 0.05);
    }

    @Test
    void passRollsOnAsFrictionSays() {
        // d = v₀·t − a·t²/2
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 24, 0)
                .ball("b1", "1")
                .pass("a1", "1", "2", Cue.whistle())
                .rehearse();
        double v = TURF.pass().launch(24);
        double a = TURF.pass().slowing();
        double expected = (v - Math.sqrt(v * v - 2 * a * 24)) / a;
        assertEquals(expected, t.times("a1").orElseThrow().arrival(), MILLISECOND);
        assertEquals(v * 0.5 - a * 0.125, t.ball("b1", 0.5).x(), 1e-6);
    }

    @Test
    void passToARunnerMeetsThemWithinACentimetre() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 20, -10)
                .ball("b1", "1")
                .run("a1", "2", Cue.whistle(), 25, 12)
                .pass("a2", "1", "2", Cue.whistle().delayed(0.4))
                .rehearse();
        ActionTimes pass = t.times("a2").orElseThrow();
        Vec met = t.pose("2", pass.arrival()).at();
        assertTrue(t.ball("b1", pass.arrival() - 1e-4).distance(met) < 0.01);
        // The ball's own law from where it was released to where they met.
        double v = TURF.pass().launch(met.length());
        double a = TURF.pass().slowing();
        double flight = pass.arrival() - pass.release();
        assertEquals(met.length(), v * flight - a * flight * flight / 2, 0.01);
        assertTrue(t.pose("2", pass.arrival() - 0.1).at().distance(met) > 0.3, "the receiver is on the move");
    }

    @Test
    void passIsLedToARunThatItSetsOffItself() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 20, 0)
                .ball("b1", "1")
                .pass("a1", "1", "2", Cue.whistle())
                .run("a2", "2", Cue.with("a1").delayed(0.3), 20, 15)
                .rehearse();
        double arrival = t.times("a1").orElseThrow().arrival();
        assertTrue(t.ball("b1", arrival - 1e-4).distance(t.pose("2", arrival).at()) < 0.01);
        assertTrue(t.pose("2", arrival).at().y() > 0.5, "it is met on the run");
    }

    @Test
    void whistleStartsTwoPeopleAtTheSameInstant() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 0, 5)
                .run("a1", "1", Cue.whistle(), 10, 0)
                .run("a2", "2", Cue.whistle(), 10, 5)
                .rehearse();
        assertEquals(0, start(t, "a1"));
        assertEquals(start(t, "a1"), start(t, "a2"));
        assertEquals(List.of("a1", "a2"), t.beats().get(0).actions());
    }

    @Test
    void runStartsWhenAnothersPassArrives() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 15, 0)
                .player("3", 10, 10)
                .ball("b1", "1")
                .pass("a1", "1", "2", Cue.whistle())
                .run("a2", "3", Cue.received("a1"), 30, 10)
                .rehearse();
        assertEquals(t.times("a1").orElseThrow().arrival(), start(t, "a2"), 1e-9);
        assertEquals(2, t.beatOf("a2").orElseThrow().n());
        assertEquals(new Vec(10, 10), t.pose("3", start(t, "a2")).at());
    }

    @Test
    void delayIsWaitedForAndBelongsToTheSameBeat() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 0, 5)
                .run("a1", "1", Cue.whistle(), 10, 0)
                .run("a2", "2", Cue.whistle().delayed(1.5), 10, 5)
                .rehearse();
        assertEquals(1.5, start(t, "a2"), 1e-12);
        assertEquals(1, t.beats().size());
    }

    @Test
    void controlledPassWaitsForTheBallToBeControlledAndFirstTimeDoesNot() {
        Stages base = new Stages()
                .player("1", 0, 0)
                .player("2", 15, 0)
                .player("3", 15, 15)
                .ball("b1", "1")
                .pass("a1", "1", "2", Cue.whistle());
        Timeline controlled = base.pass("a2", "2", "3", Cue.received("a1")).rehearse();
        ActionTimes times = controlled.times("a2").orElseThrow();
        assertEquals(times.start() + TURF.takes().control(), times.release(), 1e-9);
        Timeline first = new Stages()
                .player("1", 0, 0)
                .player("2", 15, 0)
                .player("3", 15, 15)
                .ball("b1", "1")
                .pass("a1", "1", "2", Cue.whistle())
                .firstTime("a2", "2", "3", Cue.received("a1"))
                .rehearse();
        assertEquals(
                first.times("a2").orElseThrow().start(),
                first.times("a2").orElseThrow().release(),
                1e-9);
    }

    @Test
    void carrierKeepsTheBallAndIsSlowerWithIt() {
        Timeline with = new Stages()
                .player("1", 0, 0)
                .ball("b1", "1")
                .carry("a1", "1", Cue.whistle(), 20, 0)
                .rehearse();
        Timeline without = new Stages()
                .player("1", 0, 0)
                .run("a1", "1", Cue.whistle(), 20, 0)
                .rehearse();
        assertEquals(with.pose("1", 2).at(), with.ball("b1", 2));
        assertTrue(end(with, "a1") > end(without, "a1") + 0.2);
    }

    @Test
    void whoIsSentElsewhereLeavesFromWhereTheyAreWithoutAJump() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 15, 0)
                .ball("b1", "1")
                .run("a1", "2", Cue.whistle(), 15, 30)
                .pass("a2", "1", "2", Cue.whistle().delayed(0.5))
                .carry("a3", "2", Cue.received("a2"), 40, 10)
                .rehearse();
        double turn = start(t, "a3");
        assertEquals(turn, end(t, "a1"), 1e-9);
        for (double time = turn - 0.5; time < turn + 2; time += 0.01) {
            double speed =
                    t.pose("2", time).at().distance(t.pose("2", time + 0.01).at()) / 0.01;
            assertTrue(speed < TURF.top().get(Gait.RUN) + 0.1, "jumps at " + time + ": " + speed + " m/s");
        }
        assertEquals(new Vec(40, 10), t.pose("2", t.duration() + 10).at());
    }

    @Test
    void backwardsTheBodyFacesWhereItCameFrom() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .travel(new Travel.Run("a1", "1", Stages.path(false, 10, 0), Gait.BACK, Ending.GO_ON, Cue.whistle()))
                .rehearse();
        assertEquals(Math.PI, Math.abs(Math.IEEEremainder(t.pose("1", 1).facing(), 2 * Math.PI)), 1e-9);
    }

    @Test
    void shotLiesInTheGoalAfterwards() {
        Timeline t = new Stages()
                .player("1", 35, 0)
                .ball("b1", "1")
                .shot("a1", "1", Cue.whistle())
                .rehearse();
        Surface.Target goal = Stages.TURF.target("goal").orElseThrow();
        Vec lies = t.ball("b1", t.duration() + 1);
        assertTrue(lies.x() > goal.at().x() + 0.5, "behind the line");
        assertTrue(lies.x() < goal.at().x() + goal.depth(), "and in the net");
        assertTrue(t.holder("b1", t.duration() + 1).isEmpty());
    }

    @Test
    void passToAPlaceGoesOnAndSlowsUntilItLies() {
        Timeline t = Rehearsal.of(
                new Stages()
                        .player("1", 0, 0)
                        .ball("b1", "1")
                        .build()
                        .withAction(new Action.Pass("a1", "1", Spot.at(12, 3), Action.Touch.CONTROLLED, Cue.whistle())),
                Stages.TURF);
        double there = t.times("a1").orElseThrow().arrival();
        assertEquals(0, t.ball("b1", there).distance(new Vec(12, 3)), 0.01);
        double before = t.ball("b1", there - 0.1).distance(t.ball("b1", there));
        double after = t.ball("b1", there).distance(t.ball("b1", there + 0.1));
        assertEquals(before, after, 0.03, "it goes on as fast as it came");
        Vec lies = t.ball("b1", 30);
        assertEquals(0, new Vec(12, 3).unit().cross(lies.unit()), 1e-9, "the same way");
        double far = lies.distance(new Vec(12, 3));
        assertTrue(far > 3 && far < 15, "it lies " + far + " m beyond");
    }

    @Test
    void passWithoutABallIsAProblemThatSaysWhatToDo() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("8", 10, 0)
                .pass("a1", "7", "8", Cue.whistle())
                .rehearse();
        assertEquals(
                List.of(new Problem(
                        "a1",
                        Problem.Kind.NO_BALL,
                        "7 has no ball here: give 7 one, or let this wait until 7 receives a " + "pass")),
                t.problems());
    }

    @Test
    void circleOfCuesIsAProblemForEachInIt() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 5, 0)
                .run("a1", "1", Cue.after("a2"), 10, 0)
                .run("a2", "2", Cue.after("a1"), 10, 5)
                .rehearse();
        assertEquals(2, t.problems().size());
        assertTrue(t.problems().get(0).message().contains("in a circle"));
        assertTrue(t.times("a1").isEmpty());
        assertEquals(List.of(new Vec(0, 0), new Vec(10, 0)), t.line("a1"), "its line is still drawn");
    }

    @Test
    void waitingForABallThatNeverComesIsAProblem() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 5, 0)
                .pass("a1", "1", "2", Cue.whistle())
                .run("a2", "2", Cue.received("a1"), 10, 5)
                .rehearse();
        assertTrue(t.problems().stream()
                .anyMatch(p -> p.action().equals("a2") && p.message().contains("never comes")));
    }

    @Test
    void secondPassOfOneBallIsAProblem() {
        Timeline t = new Stages()
                .player("1", 0, 0)
                .player("2", 10, 0)
                .player("3", 0, 10)
                .ball("b1", "1")
                .pass("a1", "1", "2", Cue.whistle())
                .pass("a2", "1", "3", Cue.whistle())
                .rehearse();
        assertEquals(List.of("a2"), t.problems().stream().map(Problem::action).toList());
        assertFalse(Double.isNaN(end(t, "a2")), "the drill goes on all the same");
    }

    private static double start(Timeline t, String action) {
        return t.times(action).orElseThrow().start();
    }

    private static double end(Timeline t, String action) {
        return t.times(action).orElseThrow().end();
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** What comes more than once sets off the next thing each time. */
class OccurrencesTest {

    private static final Cue UP = new Cue(new Cue.Called("up"), 0);

    private static Stages called(int times) {
        Stages s = new Stages().player("7", 0, 0).piece(new Piece.Coach("c", new Vec(0, 9), 0, "C"));
        for (int i = 0; i < times; i++) {
            s.action(new Action.Call("c" + i, "c", "up", Cue.whistle().delayed(1 + 4 * i)));
        }
        return s.run("r1", "7", UP, 5, 0).run("r2", "7", UP, 10, 0).run("r3", "7", UP, 15, 0);
    }

    @Test
    void eachCallSetsOffTheNextRun() {
        Timeline t = called(3).rehearse();
        assertEquals(List.of(), t.problems());
        for (int i = 0; i < 3; i++) {
            assertEquals(1 + 4 * i, t.times("r" + (i + 1)).orElseThrow().start(), 1e-9);
        }
        assertEquals(0, t.pose("7", t.duration()).at().distance(new Vec(15, 0)), 0.01);
    }

    @Test
    void runThatWaitsForACallThatDoesNotComeAgainIsTold() {
        Timeline t = called(2).rehearse();
        assertTrue(t.times("r3").isEmpty());
        Problem problem = t.problems().get(0);
        assertEquals("r3", problem.action());
        assertTrue(problem.message().contains("another call"), problem.message());
    }

    @Test
    void everybodyWhoWaitsForACallGoesOnTheFirst() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 5)
                .piece(new Piece.Coach("c", new Vec(0, 9), 0, "C"))
                .action(new Action.Call("c1", "c", "up", Cue.whistle().delayed(1)))
                .run("r1", "7", UP, 5, 0)
                .run("r2", "9", UP, 5, 5)
                .rehearse();
        assertEquals(1, t.times("r1").orElseThrow().start(), 1e-9);
        assertEquals(1, t.times("r2").orElseThrow().start(), 1e-9);
    }

    @Test
    void eachTouchAndEachCrossingSetsOffTheNext() {
        Cue touch = new Cue(new Cue.Touches("8"), 0);
        Cue line = new Cue(new Cue.Crosses("6", "halfway-line"), 0);
        Timeline t = new Stages()
                .player("7", 0, 20)
                .player("8", 20, 0)
                .player("6", -4, -8)
                .player("9", -20, -20)
                .player("F", 10, 0)
                .ball("b", "F")
                .pass("a1", "F", "8", Cue.whistle())
                .pass("a2", "8", "F", Cue.received("a1"))
                .pass("a3", "F", "8", Cue.received("a2"))
                .run("r1", "7", touch, 5, 20)
                .run("r2", "7", touch, 10, 20)
                .run("d1", "6", Cue.whistle(), 6, -8)
                .run("d2", "6", Cue.next(), -6, -8)
                .run("n1", "9", line, -15, -20)
                .run("n2", "9", line, -10, -20)
                .rehearse();
        assertEquals(List.of(), t.problems());
        assertEquals(
                t.times("a1").orElseThrow().arrival(),
                t.times("r1").orElseThrow().start(),
                1e-9);
        assertEquals(
                t.times("a3").orElseThrow().arrival(),
                t.times("r2").orElseThrow().start(),
                1e-9);
        double first = t.times("n1").orElseThrow().start();
        double second = t.times("n2").orElseThrow().start();
        assertEquals(0, t.pose("6", first).at().x(), 0.001);
        assertEquals(0, t.pose("6", second).at().x(), 0.001);
        assertTrue(second > t.times("d1").orElseThrow().end(), "on the way back");
        assertEquals(Optional.of("8"), t.holder("b", t.duration()));
    }

    private static Cue nth(Cue.Trigger moment, int nth, String since) {
        return new Cue(new Cue.Occurrence(moment, nth, Optional.ofNullable(since)), 0);
    }

    @Test
    void aCertainCallIsWaitedForWhateverComesBefore() {
        Timeline t = called(3)
                .player("9", 0, 5)
                .run("n", "9", nth(UP.trigger(), 2, null), 8, 5)
                .run("n3", "9", nth(UP.trigger(), 3, null), 8, 12)
                .rehearse();
        assertEquals(List.of(), t.problems());
        assertEquals(5, t.times("n").orElseThrow().start(), 1e-9);
        assertEquals(9, t.times("n3").orElseThrow().start(), 1e-9);
        assertEquals(5, t.times("r2").orElseThrow().start(), 1e-9, "the others go on as they did");
    }

    @Test
    void aCallThatDoesNotComeOftenEnoughIsTold() {
        Timeline t = called(3)
                .player("9", 0, 5)
                .run("n", "9", nth(UP.trigger(), 4, null), 8, 5)
                .rehearse();
        assertTrue(t.times("n").isEmpty());
        assertTrue(
                t.problems().get(0).message().contains("up"),
                t.problems().get(0).message());
    }

    /** 6 goes over the halfway line, comes back over it, and goes over it once more. */
    private static Stages threeTimes() {
        return new Stages()
                .player("6", -4, -8)
                .player("9", -20, -20)
                .run("d1", "6", Cue.whistle(), 4, -8)
                .run("d2", "6", Cue.next(), -4, -8)
                .run("d3", "6", Cue.next(), 8, -8);
    }

    @Test
    void whichWayAndWhichTimeSomebodyCrossesALineCanBeSaid() {
        Timeline t = threeTimes().rehearse();
        double there = t.times("d1").orElseThrow().end();
        double back = t.times("d2").orElseThrow().end();
        assertTrue(starts(Cue.Crosses.Heading.UP, 1, null) < there);
        double down = starts(Cue.Crosses.Heading.DOWN, 1, null);
        assertTrue(down > there && down < back, "on the way back: " + down);
        assertTrue(starts(Cue.Crosses.Heading.UP, 2, null) > back);
        assertTrue(starts(Cue.Crosses.Heading.EITHER, 3, null) > back);
        double since = starts(Cue.Crosses.Heading.EITHER, 1, "d1");
        assertEquals(down, since, 1e-3, "the next time after they have been there");
        assertTrue(starts(Cue.Crosses.Heading.EITHER, 1, "d2") > back);
    }

    private static double starts(Cue.Crosses.Heading heading, int nth, String since) {
        Timeline t = threeTimes()
                .run("n", "9", nth(new Cue.Crosses("6", "halfway-line", heading), nth, since), -15, -20)
                .rehearse();
        double start = t.times("n").orElseThrow().start();
        assertEquals(0, t.at("6", start).x(), 0.01);
        return start;
    }

    @Test
    void aStopCanWaitForACertainTimeOfAMoment() {
        Stages s = threeTimes();
        Cue second = nth(new Cue.Crosses("6", "halfway-line"), 2, null);
        s.say(new Instruction.Freeze("f", second, "Who is free?", "6"));
        Timeline t = s.rehearse();
        double moment = t.moment(second).orElseThrow();
        assertTrue(moment > t.times("d1").orElseThrow().end());
        assertEquals(0, t.at("6", moment).x(), 0.01);
    }
}

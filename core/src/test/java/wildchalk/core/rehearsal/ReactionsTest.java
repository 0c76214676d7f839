package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.timeline.Timeline;

/** What sets people off, each case worked by hand. */
class ReactionsTest {

    private static final Speeds TURF = Speeds.of(Stages.TURF);
    private static final double SPRINT = TURF.top().get(Gait.SPRINT);

    /** One who sprints along the middle from x and does not slow down before the end of the field. */
    private static Stages sprinter(double x) {
        return new Stages()
                .player("7", x, 0)
                .player("9", 0, 20)
                .sprint("a1", "7", Cue.whistle(), x + 30, 0)
                .sprint("a2", "7", Cue.next(), x + 45, 0);
    }

    private static double startOfNine(Stages stages, Cue cue) {
        Timeline t = stages.run("b1", "9", cue, 10, 20).rehearse();
        assertEquals(List.of(), t.problems());
        return t.times("b1").orElseThrow().start();
    }

    @Test
    void partOfAPathInMetresAndAsAShare() {
        double tenMetres = ClosedForm.secondsFor(10, SPRINT);
        assertEquals(tenMetres, startOfNine(sprinter(0), new Cue(new Cue.Gone("a1", 10), 0)), 0.001);
        assertEquals(tenMetres + 0.5, startOfNine(sprinter(0), new Cue(new Cue.Partway("a1", 1.0 / 3), 0.5)), 0.001);
    }

    @Test
    void comingIntoAZone() {
        // The top of the circle is 31.07 m from the middle: 20 m from x = 11.07.
        assertEquals(
                ClosedForm.secondsFor(20, SPRINT),
                startOfNine(sprinter(11.07), new Cue(new Cue.Enters("7", "circle"), 0)),
                0.01);
    }

    @Test
    void crossingALine() {
        assertEquals(
                ClosedForm.secondsFor(12, SPRINT),
                startOfNine(sprinter(-12), new Cue(new Cue.Crosses("7", "halfway-line"), 0)),
                0.01);
    }

    @Test
    void comingNearSomebody() {
        // 9 stands 20 m to the side of the line: at x = −15 the two are 25 m apart, by 15, 20, 25.
        assertEquals(
                ClosedForm.secondsFor(10, SPRINT),
                startOfNine(sprinter(-25), new Cue(new Cue.Near("7", "9", 25), 0)),
                0.01);
    }

    @Test
    void beforeAnArrivalThatIsForeseen() {
        Stages stages = new Stages()
                .player("F", 0, 0)
                .player("7", 15, 0)
                .player("9", 0, 20)
                .ball("b1", "F")
                .pass("a1", "F", "7", Cue.whistle())
                .run("b1", "9", Cue.received("a1").delayed(-0.5), 10, 20);
        Timeline t = stages.rehearse();
        double arrival = t.times("a1").orElseThrow().arrival();
        // v₀² − v² = 2as: 15 m at 8.5 + 0.35 · 15 = 13.75 m/s, slowing 1 m/s².
        assertEquals(
                13.75 - Math.sqrt(13.75 * 13.75 - 30),
                arrival - t.times("a1").orElseThrow().release(),
                1e-6);
        assertEquals(arrival - 0.5, t.times("b1").orElseThrow().start(), 1e-6);
    }

    @Test
    void whatWasForeseenIsForeseenAnewWhenTheReceiverGoesElsewhere() {
        Stages stages = new Stages()
                .player("F", 0, 0)
                .player("7", 25, 0)
                .player("9", 0, 20)
                .ball("b1", "F")
                .pass("a1", "F", "7", Cue.whistle())
                .sprint("a2", "7", Cue.whistle().delayed(0.6), 40, 0)
                .run("b1", "9", Cue.received("a1").delayed(-0.5), 10, 20);
        Timeline t = stages.rehearse();
        assertEquals(
                t.times("a1").orElseThrow().arrival() - 0.5,
                t.times("b1").orElseThrow().start(),
                1e-6);
    }

    @Test
    void theBallLeaving() {
        Timeline t = new Stages()
                .player("F", 0, 0)
                .player("7", 15, 0)
                .player("9", 0, 20)
                .ball("b1", "F")
                .pass("a1", "F", "7", Cue.whistle().delayed(1))
                .run("b1", "9", new Cue(new Cue.Released("a1"), 0.2), 10, 20)
                .rehearse();
        assertEquals(
                t.times("a1").orElseThrow().release() + 0.2,
                t.times("b1").orElseThrow().start(),
                1e-9);
    }

    @Test
    void theLastOfSeveralAndTheFirstOfSeveral() {
        Stages runs = new Stages()
                .player("7", 0, 0)
                .player("8", 0, 5)
                .player("9", 0, 20)
                .sprint("a1", "7", Cue.whistle(), 10, 0)
                .sprint("a2", "8", Cue.whistle(), 20, 5);
        Timeline t = runs.run(
                        "b1", "9", new Cue(new Cue.AllOf(List.of(new Cue.After("a1"), new Cue.After("a2"))), 0), 10, 20)
                .rehearse();
        assertEquals(
                t.times("a2").orElseThrow().end(), t.times("b1").orElseThrow().start(), 1e-9);
        Timeline first = new Stages()
                .player("7", 0, 0)
                .player("8", 0, 5)
                .player("9", 0, 20)
                .sprint("a1", "7", Cue.whistle(), 10, 0)
                .sprint("a2", "8", Cue.whistle(), 20, 5)
                .run("b1", "9", new Cue(new Cue.FirstOf(List.of(new Cue.After("a1"), new Cue.After("a2"))), 0), 10, 20)
                .rehearse();
        assertEquals(
                first.times("a1").orElseThrow().end(),
                first.times("b1").orElseThrow().start(),
                1e-9);
    }

    @Test
    void aCallByName() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 20)
                .sprint("a1", "7", Cue.whistle(), 20, 0)
                .action(new Action.Call("c1", "7", "red", new Cue(new Cue.Gone("a1", 10), 0)))
                .run("b1", "9", new Cue(new Cue.Called("red"), 0.3), 10, 20)
                .rehearse();
        assertEquals(
                t.times("c1").orElseThrow().start() + 0.3,
                t.times("b1").orElseThrow().start(),
                1e-9);
        assertTrue(t.pose("7", t.times("c1").orElseThrow().start()).at().distance(new Vec(10, 0)) < 0.01);
    }

    @Test
    void whatNeverComesIsSaid() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 20)
                .run("b1", "9", new Cue(new Cue.Called("red"), 0), 10, 20)
                .run("b2", "7", new Cue(new Cue.Near("7", "9", 1), 0), 10, 0)
                .rehearse();
        assertEquals(2, t.problems().size());
        assertTrue(
                t.problems().get(0).message().startsWith("this waits for the call “red”"),
                t.problems().toString());
        assertTrue(
                t.problems().get(1).message().startsWith("this waits for 7 to get somewhere"),
                t.problems().toString());
    }

    @Test
    void ownNextCanBeAnticipatedToo() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("9", 20, 8)
                .ball("b1", "7")
                .carry("a1", "7", Cue.whistle(), 12, 0)
                .pass("a2", "7", "9", Cue.next().delayed(-0.5))
                .rehearse();
        assertEquals(
                t.times("a1").orElseThrow().end() - 0.5,
                t.times("a2").orElseThrow().start(),
                1e-6);
        assertEquals(List.of(), t.problems());
    }
}

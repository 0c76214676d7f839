package wildchalk.core.otherwise;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Stage;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/** An action pulled along the time: tied to a moment that it is pulled to, else later or earlier. */
class RetimingTest {

    private static final double REACH = 0.2;

    private final Stage stage = new Stages()
            .player("p1", 0, 0)
            .player("p2", 12, 0)
            .player("p3", 0, 8)
            .ball("b1", "p1")
            .pass("a1", "p1", "p2", Cue.whistle())
            .carry("a2", "p2", Cue.received("a1"), 24, 0)
            .run("a3", "p3", Cue.whistle(), 12, 8)
            .run("a4", "p3", Cue.next(), 20, 8)
            .build();
    private final Timeline timeline = Rehearsal.of(stage, Stages.TURF);

    private ActionTimes times(String action) {
        return timeline.times(action).orElseThrow();
    }

    private Cue pulled(String action, String row, double start) {
        return Retiming.pulled(stage.action(action).orElseThrow(), stage, timeline, row, start, REACH);
    }

    @Test
    void nearAMomentOfSomebodyElseItIsTiedToIt() {
        assertEquals(
                Cue.received("a1"),
                pulled("a3", "p2", times("a1").arrival() - 0.1),
                "the pass arrives in the receiver's row");
        assertEquals(Cue.with("a1"), pulled("a3", "p1", times("a1").start() + 0.05));
        assertEquals(Cue.after("a2"), pulled("a3", "p2", times("a2").end() + 0.15));
        assertEquals(Cue.whistle(), pulled("a2", "", 0.1));
    }

    @Test
    void farFromAnyMomentItWaitsLonger() {
        assertEquals(new Cue(new Cue.Whistle(), 1.3), pulled("a3", "p3", 1.27));
        assertEquals(
                new Cue(new Cue.Next(), 0.6), pulled("a4", "p3", times("a3").end() + 0.62));
        assertEquals(Cue.next(), pulled("a4", "p3", times("a3").end() + 0.1));
    }

    @Test
    void onlyWhatCanBeSeenComingIsGoneBefore() {
        assertEquals(Cue.whistle(), pulled("a3", "p3", -1));
        double arrival = times("a1").arrival();
        Cue early = pulled("a2", "p2", arrival - 0.4);
        assertEquals(Cue.received("a1").trigger(), early.trigger());
        assertEquals(-0.4, early.delay(), 1e-9);
        assertTrue(pulled("a2", "p2", -5).delay() >= -arrival - 0.05, "nothing begins before the whistle");
    }

    @Test
    void nothingCanWaitForItself() {
        List<String> waitable = Retiming.moments(stage.action("a1").orElseThrow(), stage, timeline).stream()
                .flatMap(m -> m.cue().trigger().of().stream())
                .toList();
        assertFalse(waitable.contains("a2"), "the carry waits for this pass");
        assertTrue(waitable.contains("a3"));
    }

    /** Whatever offers itself is when it says: a drill that is tied to it starts there. */
    @Test
    void momentsComeWhenTheySayTheyDo() {
        Action pulled = stage.action("a3").orElseThrow();
        for (Retiming.Moment moment : Retiming.moments(pulled, stage, timeline)) {
            Timeline tied = Rehearsal.of(stage.withAction(pulled.withCue(moment.cue())), Stages.TURF);
            assertEquals(moment.t(), tied.times("a3").orElseThrow().start(), 1e-6, moment.toString());
        }
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Cue;
import wildchalk.core.geometry.Vec;

class WatchesTest {

    /** 7 goes along the middle at 2 m/s from the middle on, 9 stands, b goes round 9 on a circle of 5 m. */
    private static final Map<String, DoubleFunction<Vec>> WHERE = Map.of(
            "7", t -> new Vec(2 * t, 0), "9", t -> new Vec(30, 3), "b", t -> new Vec(30, 3).plus(Vec.polar(5, t)));

    private final Watches watches = new Watches(
            Stages.TURF, (id, t) -> Optional.ofNullable(WHERE.get(id)).map(f -> f.apply(t)));

    private double seen(double upTo) {
        return watches.lookUpTo(upTo).orElseThrow().time();
    }

    @Test
    void lineIsCrossedWhereItIs() {
        watches.lookOutFor(new Cue.Crosses("7", "23-line"), 0);
        assertTrue(watches.lookUpTo(5).isEmpty());
        // The 23 m line, by the middle of its paint, is 22.8375 m from halfway.
        assertEquals(22.8375 / 2, seen(20), 0.001);
        assertFalse(watches.any(), "a line is crossed once");
    }

    @Test
    void zoneIsEnteredFromOutside() {
        watches.lookOutFor(new Cue.Enters("7", "circle"), 0);
        assertEquals(31.07 / 2, seen(20), 0.02);
    }

    @Test
    void whoIsInAZoneAlreadyHasToComeInAnew() {
        watches.lookOutFor(new Cue.Enters("7", "midfield"), 0);
        assertTrue(watches.lookUpTo(30).isEmpty());
    }

    @Test
    void nearnessIsSeenToAHundredThousandth() {
        watches.lookOutFor(new Cue.Near("7", "9", 5), 0);
        // 3 m to the side: within 5 m from 4 m before it, at x = 26.
        assertEquals(13, seen(20), 1e-4);
    }

    @Test
    void whoIsNearFromTheStartIsSeenAtOnce() {
        watches.lookOutFor(new Cue.Near("b", "9", 5), 0);
        assertEquals(0, seen(20), 1e-9);
    }

    @Test
    void theEarliestIsToldFirstAndTheOthersAreNotLost() {
        watches.lookOutFor(new Cue.Near("7", "9", 5), 0);
        watches.lookOutFor(new Cue.Crosses("7", "23-line"), 0);
        assertEquals(22.8375 / 2, seen(20), 0.001);
        assertEquals(13, seen(20), 1e-4);
    }

    @Test
    void twoThatHappenAtOneMomentAreBothTold() {
        watches.lookOutFor(new Cue.Enters("7", "circle"), 0);
        watches.lookOutFor(new Cue.Enters("7", "23-area"), 0);
        watches.lookOutFor(new Cue.Crosses("7", "23-line"), 0);
        assertEquals(22.8 / 2, seen(20), 0.05);
        assertEquals(22.8 / 2, seen(20), 0.05);
        assertEquals(31.07 / 2, seen(20), 0.02);
    }

    @Test
    void whatIsNotThereIsNeverSeen() {
        watches.lookOutFor(new Cue.Near("7", "nobody", 500), 0);
        watches.lookOutFor(new Cue.Enters("7", "no such zone"), 0);
        watches.lookOutFor(new Cue.Crosses("7", "no such line"), 0);
        assertTrue(watches.lookUpTo(30).isEmpty());
    }
}

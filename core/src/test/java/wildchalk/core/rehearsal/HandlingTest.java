package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Handle;
import wildchalk.core.drill.Action.Handle.Deed;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.setout.SetOut;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

class HandlingTest {

    private static final Piece.Item CONE = Piece.Item.cone("c", new Vec(10, 1), Colour.RED);

    private static Stages walker(double x) {
        return new Stages()
                .player("7", 0, 0)
                .piece(CONE)
                .travel(new Travel.Run("a1", "7", Stages.path(false, x, 0), Gait.RUN, Ending.STOP, Cue.whistle()));
    }

    private static Handle handle(String id, Deed deed, Cue cue) {
        return new Handle(id, "7", "c", deed, cue);
    }

    @Test
    void coneIsInTheHandUntilItIsDroppedWhereItIsDrawn() {
        Timeline t = walker(10).action(handle("a2", Deed.DROP, Cue.next())).rehearse();
        double dropped = t.times("a2").orElseThrow().start();
        assertEquals(Optional.of("7"), t.carrier("c", dropped - 0.01));
        assertEquals(t.pose("7", 1).at(), t.gear("c", 1));
        assertEquals(Optional.empty(), t.carrier("c", dropped));
        assertEquals(new Vec(10, 1), t.gear("c", dropped));
        assertEquals(List.of(), t.problems());
    }

    @Test
    void fartherOffItFallsAtTheFeet() {
        Timeline t = walker(5).action(handle("a2", Deed.DROP, Cue.next())).rehearse();
        assertEquals(0, t.gear("c", t.duration()).distance(new Vec(5, 0)), 1e-9);
    }

    @Test
    void whoDropsItOnTheWayRunsOn() {
        Timeline t = walker(20)
                .action(handle("a2", Deed.DROP, new Cue(new Cue.Gone("a1", 10), 0)))
                .rehearse();
        Timeline without = walker(20).rehearse();
        assertEquals(
                without.times("a1").orElseThrow().end(),
                t.times("a1").orElseThrow().end(),
                1e-9);
        assertEquals(new Vec(10, 1), t.gear("c", t.duration()));
    }

    @Test
    void pickingUpAndPuttingDownTakeTheirTime() {
        double placing = Speeds.of(Stages.TURF).takes().placing();
        Timeline t = walker(10)
                .action(handle("a2", Deed.PICK_UP, Cue.next()))
                .run("a3", "7", Cue.next(), 20, 0)
                .action(handle("a4", Deed.PLACE, Cue.next()))
                .rehearse();
        ActionTimes up = t.times("a2").orElseThrow();
        assertEquals(placing, up.end() - up.start(), 1e-9);
        assertEquals(new Vec(10, 1), t.gear("c", up.start()));
        assertEquals(Optional.of("7"), t.carrier("c", up.end()));
        assertEquals(
                0, t.gear("c", t.duration()).distance(t.pose("7", t.duration()).at()), 1e-9);
        assertEquals(List.of(), t.problems());
    }

    @Test
    void whatCannotBeHandledIsSaid() {
        Timeline far = walker(5).action(handle("a2", Deed.PICK_UP, Cue.next())).rehearse();
        assertTrue(
                far.problems().get(0).message().contains("too far away"),
                far.problems().toString());
        Timeline twice = walker(10)
                .action(handle("a2", Deed.DROP, Cue.next()))
                .action(handle("a3", Deed.DROP, Cue.next()))
                .rehearse();
        assertEquals("a3", twice.problems().get(0).action());
        Timeline held = walker(10)
                .action(handle("a2", Deed.PICK_UP, Cue.next()))
                .action(handle("a3", Deed.PICK_UP, Cue.next()))
                .rehearse();
        assertTrue(
                held.problems().get(0).message().contains("not on the ground"),
                held.problems().toString());
    }

    @Test
    void whatSomebodyBringsAlongIsNotSetOut() {
        assertEquals(List.of(CONE), SetOut.toPutDown(walker(10).build()));
        assertEquals(
                List.of(),
                SetOut.toPutDown(
                        walker(10).action(handle("a2", Deed.DROP, Cue.next())).build()));
    }
}

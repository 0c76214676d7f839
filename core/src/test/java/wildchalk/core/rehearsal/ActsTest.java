package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Posture;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** What bodies do where they are: who is down, who is stopped, who has the ball then. */
class ActsTest {

    private static final Cue NEAR = new Cue(new Cue.Near("7", "4", 1.5), 0);

    private static Act act(String id, String who, Act.What what, Cue cue) {
        return Act.of(id, who, what, Optional.empty(), cue);
    }

    private static Act on(String id, String who, Act.What what, String whom, Cue cue) {
        return Act.of(id, who, what, Optional.of(Spot.at(whom)), cue);
    }

    private static Stages runner() {
        return new Stages()
                .player("7", 0, 0)
                .player("4", 10, 0.5, Bib.SKY)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 30, 0);
    }

    private static double start(Timeline t, String action) {
        return t.times(action).orElseThrow().start();
    }

    private static double end(Timeline t, String action) {
        return t.times(action).orElseThrow().end();
    }

    @Test
    void tackleEndsTheRunAndBothAreDown() {
        Timeline t = runner().action(on("a2", "4", Act.What.TACKLE, "7", NEAR)).rehearse();
        double over = end(t, "a2");
        assertEquals(Posture.LYING, t.posture("7", over));
        assertEquals(Posture.LYING, t.posture("4", over));
        assertEquals(Posture.UP, t.posture("7", start(t, "a2")));
        // Stopped within a metre of where the tackle was made, and the ball is still theirs.
        assertTrue(t.at("7", t.duration()).distance(t.at("7", start(t, "a2"))) < 1);
        assertEquals(Optional.of("7"), t.holder("b", t.duration()));
        assertTrue(t.brokenOff("a1").isPresent());
        assertEquals(List.of(), t.problems());
    }

    @Test
    void eachEndOfATackleIsItsOwn() {
        for (Act.Then then : Act.Then.values()) {
            if (then != Act.Then.USUAL) {
                Timeline t = runner().action(
                                on("a2", "4", Act.What.TACKLE, "7", NEAR).then(then))
                        .rehearse();
                double over = end(t, "a2") + 0.01;
                boolean carrierDown = then != Act.Then.HELD_UP && then != Act.Then.MISSED;
                boolean tacklerDown = then != Act.Then.HELD_UP && then != Act.Then.ONE_DOWN;
                assertEquals(carrierDown, t.posture("7", over) == Posture.LYING, then + " 7");
                assertEquals(tacklerDown, t.posture("4", over) == Posture.LYING, then + " 4");
                assertEquals(then == Act.Then.LOOSE, t.holder("b", over).isEmpty(), then + " ball");
                assertEquals(then == Act.Then.MISSED, t.at("7", t.duration()).x() > 29, then + " runs on");
            }
        }
    }

    @Test
    void whoeverIsTooFarOffTacklesNobody() {
        Timeline t = runner().action(on("a2", "4", Act.What.TACKLE, "7", Cue.whistle()))
                .rehearse();
        assertEquals(Posture.UP, t.posture("7", t.duration()));
        assertEquals(
                List.of(new Problem(
                        "a2", Problem.Kind.NOT_SO, "4 is 10 m too far off for that: let 4 get there first")),
                t.problems());
    }

    @Test
    void whoeverIsDownGetsUpBeforeTheyRun() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 10, 0)
                .say(new Given.Starts("g", Whom.one("7"), Given.Low.LYING))
                .rehearse();
        assertEquals(Posture.LYING, t.posture("7", 0));
        double heard = t.times("a1").orElseThrow().cued();
        assertEquals(0, heard, 1e-9);
        // The time to react to a whistle, then 1.2 s to get up.
        double upright = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 10, 0)
                .rehearse()
                .times("a1")
                .orElseThrow()
                .start();
        assertEquals(upright + Act.What.GET_UP.usual(), start(t, "a1"), 1e-9);
        assertEquals(Posture.UP, t.posture("7", start(t, "a1")));
        assertEquals(new Vec(0, 0), t.at("7", start(t, "a1")));
    }

    @Test
    void backTurnedIsAwayFromTheBall() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("8", 5, 0)
                .ball("b", "8")
                .say(new Given.Starts("g", Whom.one("7"), Given.Low.BACK_TURNED))
                .run("a1", "8", Cue.whistle(), 6, 0)
                .rehearse();
        assertEquals(Math.PI, Math.abs(t.pose("7", 0).facing()), 1e-9);
    }

    @Test
    void ballThatIsPutDownLiesInFrontAndOneThatIsTakenIsSomebodyElses() {
        Timeline down = new Stages()
                .player("7", 0, 0)
                .ball("b", "7")
                .action(act("a1", "7", Act.What.PUT_DOWN, Cue.whistle()))
                .rehearse();
        assertEquals(Optional.empty(), down.holder("b", down.duration()));
        assertEquals(0, down.ball("b", down.duration()).distance(new Vec(0.7, 0)), 1e-9);
        Timeline taken = new Stages()
                .player("7", 0, 0)
                .player("4", 1, 0, Bib.SKY)
                .ball("b", "7")
                .action(on("a1", "4", Act.What.TAKE, "7", Cue.whistle()))
                .carry("a2", "4", Cue.next(), 8, 0)
                .rehearse();
        assertEquals(Optional.of("4"), taken.holder("b", taken.duration()));
        assertTrue(taken.events().stream()
                .anyMatch(e -> e.kind() == Event.Kind.TOUCH && e.who().equals("4") && e.t() == end(taken, "a1")));
        assertEquals(List.of(), taken.problems());
    }

    @Test
    void nobodyTakesABallThatIsNotThere() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("4", 1, 0, Bib.SKY)
                .action(on("a1", "4", Act.What.TAKE, "7", Cue.whistle()))
                .rehearse();
        assertEquals(
                "7 has no ball that could be taken: let this wait until 7 has one",
                t.problems().get(0).message());
    }

    @Test
    void whoeverIsClearedOutIsDrivenOffAndFacesAsBefore() {
        Timeline t = new Stages()
                .player("8", 0, 0)
                .piece(new Piece.Player("5", new Vec(1, 0), Math.PI, "5", Bib.SKY))
                .action(on("a1", "8", Act.What.CLEAR_OUT, "5", Cue.whistle()))
                .rehearse();
        assertEquals(0, t.at("5", t.duration()).distance(new Vec(2.5, 0)), 1e-6);
        assertEquals(0, t.at("8", t.duration()).distance(new Vec(1.2, 0)), 1e-6);
        assertEquals(Math.PI, Math.abs(t.pose("5", t.duration()).facing()), 1e-6);
    }

    @Test
    void tapReachesAnArmAndAStickFarther() {
        Stages apart = new Stages().player("8", 0, 0).player("5", 2, 0, Bib.SKY);
        Timeline hand =
                apart.action(on("a1", "8", Act.What.TAP, "5", Cue.whistle())).rehearse();
        assertEquals(1, hand.problems().size());
        Timeline stick = new Stages()
                .player("8", 0, 0)
                .player("5", 2, 0, Bib.SKY)
                .action(on("a1", "8", Act.What.TAP_STICK, "5", Cue.whistle()))
                .rehearse();
        assertEquals(List.of(), stick.problems());
    }

    @Test
    void gearIsThrownKeptAndSwapped() {
        Piece.Item hoop = Piece.Item.cone("c", new Vec(0, 0), Colour.RED);
        Piece.Item other = Piece.Item.cone("d", new Vec(8, 0), Colour.BLUE);
        Timeline thrown = new Stages()
                .player("7", 0, 0)
                .player("8", 8, 0)
                .piece(hoop)
                .action(new Action.Handle(
                        "a1", "7", "c", Action.Handle.Deed.THROW, Optional.of(Spot.at("8")), Cue.whistle()))
                .run("a2", "7", Cue.next(), 3, 3)
                .rehearse();
        double let = end(thrown, "a1");
        assertEquals(Optional.empty(), thrown.carrier("c", let + 0.5));
        assertEquals(0, thrown.gear("c", let + 0.5).distance(new Vec(4, 0)), 1e-6);
        assertEquals(Optional.of("8"), thrown.carrier("c", let + 1.001));
        Timeline swapped = new Stages()
                .player("7", 0, 0)
                .player("8", 8, 0)
                .piece(hoop)
                .piece(other)
                .action(new Action.Handle("a0", "8", "d", Action.Handle.Deed.KEEP, Cue.whistle()))
                .action(new Action.Handle(
                        "a1", "7", "c", Action.Handle.Deed.SWAP, Optional.of(Spot.at("8")), Cue.whistle()))
                .rehearse();
        assertEquals(0, end(swapped, "a0") - start(swapped, "a0"), 1e-9);
        assertEquals(Optional.of("8"), swapped.carrier("c", swapped.duration()));
        assertEquals(Optional.of("7"), swapped.carrier("d", swapped.duration()));
    }

    @Test
    void travelsThatAreNoRunNeedNoGettingUp() {
        Timeline t = runner().action(on("a2", "4", Act.What.TACKLE, "7", NEAR))
                .player("9", 12, 4)
                .pass("a3", "7", "9", Cue.after("a2"))
                .rehearse();
        // Off the ground, at once after the tackle is seen to be over.
        assertEquals(Posture.LYING, t.posture("7", start(t, "a3")));
        assertEquals(Optional.of("9"), t.holder("b", t.duration()));
        assertEquals(List.of(), t.problems());
    }
}

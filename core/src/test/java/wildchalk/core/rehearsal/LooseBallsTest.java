package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Action.Result;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** What becomes of balls that nobody meets where they were sent, or that somebody else meets sooner. */
class LooseBallsTest {

    private static final Surface COURT = Surfaces.BUILT_IN.get("basketball-us-college");
    private static final Surface FIELD = Surfaces.BUILT_IN.get("football-11");
    private static final Surface RINK = Surfaces.BUILT_IN.get("ice-rink-na");

    private static Travel.Collect collect(String id, String who, Ending ending, Cue cue) {
        return new Travel.Collect(id, who, new TravelPath(List.of(Spot.at("b")), false), Gait.SPRINT, ending, cue);
    }

    private static Timeline on(Surface surface, Stages stages) {
        return Rehearsal.of(stages.build().at(Effort.LIVE.reacting(false)), surface);
    }

    @Test
    void ballThatGoesThroughARingDropsAndBouncesOut() {
        Vec ring = COURT.target("goal").orElseThrow().at();
        Timeline t = on(
                COURT,
                new Stages()
                        .player("8", ring.x() - 4, 0)
                        .player("9", ring.x() - 2, 1)
                        .ball("b", "8")
                        .action(new Action.Shot("a1", "8", new Spot.AtTarget("goal"), Touch.FIRST_TIME, Cue.whistle())
                                .ending(Result.IN, null))
                        .travel(collect("a2", "9", Ending.STOP, new Cue(new Cue.Received("a1"), 0))));
        assertEquals(List.of(), t.problems());
        double in = t.times("a1").orElseThrow().arrival();
        double taken = t.times("a2").orElseThrow().end();
        assertTrue(taken >= in + 0.5, "nobody takes it out of the ring: " + (taken - in) + " s after");
        assertTrue(taken < in + 2, "and nobody waits for it long");
        assertTrue(t.ball("b", taken - 1e-6).x() < ring.x(), "it bounces into the field");
    }

    @Test
    void ballThatLiesInTheNetIsTakenOutOfIt() {
        Surface.Target goal = FIELD.target("goal").orElseThrow();
        Timeline t = on(
                FIELD,
                new Stages()
                        .player("8", goal.at().x() - 16, 0)
                        .player("9", goal.at().x() - 6, 4)
                        .ball("b", "8")
                        .shot("a1", "8", Cue.whistle())
                        .travel(collect("a2", "9", Ending.STOP, new Cue(new Cue.Received("a1"), 0))));
        assertEquals(List.of(), t.problems());
        assertTrue(t.at("9", t.times("a2").orElseThrow().end()).x() > goal.at().x(), "behind the line");
        assertEquals(Optional.of("9"), t.holder("b", t.duration()));
    }

    @Test
    void ballThatIsKnockedForSomebodyComesInAboutThreeSeconds() {
        Stages s = new Stages().player("F", 0, 0).player("7", 17, 14).ball("b", "F");
        s.action(new Action.Pass("a1", "F", Spot.at(17, 0), Touch.FIRST_TIME, Cue.whistle()).going(Manner.ROLL));
        Timeline rolled = on(FIELD, s);
        double alone = rolled.times("a1").orElseThrow().arrival();
        s.travel(collect("a2", "7", Ending.STOP, Cue.whistle().delayed(4)));
        double knocked = on(FIELD, s).times("a1").orElseThrow().arrival();
        assertEquals(3.1, knocked, 0.3);
        assertTrue(alone > 4.5, "to nobody it is rolled so that it comes to rest there: " + alone);
    }

    @Test
    void puckGoesOnAndStopsAtTheBoards() {
        double end = RINK.length() / 2;
        Timeline t = on(
                RINK,
                new Stages()
                        .player("4", end - 20, 3)
                        .ball("b", "4")
                        .action(new Action.Pass("a1", "4", Spot.at(end - 4, 3), Touch.FIRST_TIME, Cue.whistle())));
        Vec lies = t.ball("b", 60);
        assertTrue(lies.x() > end - 1 && RINK.contains(lies, 0.01), "at the boards: " + lies);
    }

    @Test
    void defenderWhoIsThereSoonerCutsAPassOut() {
        Stages s = new Stages()
                .player("6", 0, 0)
                .player("7", 24, 0)
                .player("4", 17, 2, Bib.SKY)
                .ball("b", "6")
                .pass("a1", "6", "7", Cue.whistle())
                .travel(collect("a2", "4", Ending.GO_ON, Cue.with("a1")))
                .carry("a4", "4", Cue.next(), 6, -8)
                .carry("a3", "7", new Cue(new Cue.Received("a1"), 0), 30, 0);
        Timeline t = on(FIELD, s);
        assertEquals(Optional.of("4"), t.holder("b", t.times("a2").orElseThrow().end() + 0.1));
        assertTrue(t.cutsOut("a2"));
        assertTrue(t.times("a3").isEmpty(), "it never comes to 7");
        assertEquals(
                List.of("this waits for a ball from 6 that never comes: choose what sets it off"),
                t.problems().stream().map(p -> p.message()).toList());
        assertTrue(
                t.events().stream().noneMatch(e -> e.kind() == Event.Kind.ARRIVAL), "what is cut out does not arrive");
    }

    @Test
    void whoComesTooLateForAPassDoesNotGetIt() {
        Timeline t = on(
                FIELD,
                new Stages()
                        .player("6", 0, 0)
                        .player("7", 24, 0)
                        .player("4", 14, 20, Bib.SKY)
                        .ball("b", "6")
                        .pass("a1", "6", "7", Cue.whistle())
                        .travel(collect("a2", "4", Ending.GO_ON, Cue.with("a1"))));
        assertEquals(Optional.of("7"), t.holder("b", t.duration()));
        assertTrue(t.problems().stream().anyMatch(p -> p.message().startsWith("4 finds no ball there")));
    }

    @Test
    void whoIsFedOnTheRunGathersBeforeALayUp() {
        Vec ring = COURT.target("goal").orElseThrow().at();
        Stages s = new Stages()
                .player("3", ring.x() - 8, -5)
                .player("5", ring.x() - 10, 2)
                .ball("b", "3")
                .sprint("r", "5", Cue.whistle(), ring.x() - 1, 1)
                .action(new Action.Pass(
                        "a1", "3", Spot.at("5"), Touch.FIRST_TIME, Cue.whistle().delayed(0.7)))
                .action(new Action.Shot(
                        "a2", "5", new Spot.AtTarget("goal"), Touch.FIRST_TIME, new Cue(new Cue.Received("a1"), 0)));
        Timeline t = on(COURT, s);
        double caught = t.times("a1").orElseThrow().arrival();
        assertEquals(0.6, t.times("a2").orElseThrow().release() - caught, 0.02);
        double far = t.at("5", t.times("a2").orElseThrow().release()).distance(ring);
        assertTrue(far < t.at("5", caught).distance(ring) - 1.5, "two steps nearer");
    }

    @Test
    void hardPassIsSoonerThereAndSoftOneLater() {
        double usual = arrival(Force.USUAL);
        assertTrue(arrival(Force.HARD) < usual * 0.85);
        assertTrue(arrival(Force.SOFT) > usual * 1.2);
    }

    private static double arrival(Force force) {
        Timeline t = on(
                FIELD,
                new Stages()
                        .player("6", 0, 0)
                        .player("7", 15, 0)
                        .ball("b", "6")
                        .action(new Action.Pass("a1", "6", Spot.at("7"), Touch.FIRST_TIME, Cue.whistle()).sent(force)));
        return t.times("a1").orElseThrow().arrival();
    }
}

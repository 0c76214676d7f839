package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.runthrough.Hitch;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** What is not chosen is known as it would play, and is no problem where it only waits for another decision. */
class OtherWaysTest {

    /** 7 carries on a long way, or gives to 9, who by then has run. 4 waits for what only 9 does. */
    private static Stages either() {
        return new Stages()
                .player("7", 0, 0)
                .player("9", 0, 12)
                .player("4", -10, -10)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 10, 0)
                .run("a2", "9", Cue.whistle(), 12, 12)
                .carry("a3", "7", Cue.after("a1"), 30, -10)
                .pass("a4", "7", "9", Cue.after("a1"))
                .carry("a5", "9", Cue.received("a4"), 20, 12)
                .run("a6", "4", Cue.after("a5"), 0, -10)
                .say(Stages.either("r1", "7", "a3", "a4"));
    }

    @Test
    void passThatIsNotChosenBeginsWhereTheDecisionIsMadeAndEndsWhereItsReceiverIsThen() {
        Timeline t = either().rehearse();
        List<Vec> line = t.line("a4");
        assertEquals(0, line.get(0).distance(new Vec(10, 0)), 0.5, "not where 7 goes otherwise: " + line);
        assertTrue(line.get(line.size() - 1).x() > 8, "9 has run by then: " + line);
        assertEquals(0, t.line("a5").get(1).distance(new Vec(20, 12)), 1e-6);
        assertTrue(t.times("a5").isEmpty(), "it is not played for all that");
    }

    @Test
    void whatWaitsForAnotherDecisionIsNoProblemAndWhatWaitsForNothingIs() {
        assertEquals(List.of(), either().rehearse().problems());
        Timeline never =
                either().run("a7", "4", new Cue(new Cue.Called("up"), 0), 5, 5).rehearse();
        assertEquals(
                List.of(Problem.Kind.NEVER),
                never.problems().stream().map(Problem::kind).toList());
    }

    @Test
    void wayOnWhichSomethingHappensIsFoundThroughTwoDecisions() {
        Stage stage = either().run("a8", "9", Cue.after("a5"), 30, 20)
                .run("a9", "9", Cue.after("a5"), 30, 4)
                .say(new Read(
                        "r2",
                        "9",
                        List.of(new Option("up", "", "", List.of("a8")), new Option("in", "", "", List.of("a9"))),
                        Optional.of("o2")))
                .build();
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        assertEquals(List.of(), t.problems());
        Timeline in = t.playing("a9");
        assertTrue(in.times("a9").isPresent() && in.times("a4").isPresent());
        assertEquals(
                Rehearsal.of(stage, Stages.TURF, Choices.NONE.with("r1", "o2").with("r2", "in"))
                        .line("a9"),
                t.line("a9"));
    }

    /** Listed under both, it happens only where both go so. */
    @Test
    void whatStandsInAnOuterAndAnInnerOptionNeedsBoth() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 12)
                .run("a1", "7", Cue.whistle(), 10, 0)
                .run("a2", "9", Cue.whistle(), 10, 12)
                .run("a3", "9", Cue.whistle(), -10, 12)
                .say(new Read(
                        "r1",
                        "7",
                        List.of(new Option("go", "", "", List.of("a1", "a2")), new Option("stay", "", "", List.of())),
                        Optional.empty()))
                .say(new Read(
                        "r2",
                        "9",
                        List.of(new Option("on", "", "", List.of("a2")), new Option("off", "", "", List.of("a3"))),
                        Optional.of("go")))
                .build();
        assertTrue(Rehearsal.of(stage, Stages.TURF).times("a2").isPresent());
        Timeline off = Rehearsal.of(stage, Stages.TURF, Choices.NONE.with("r2", "off"));
        assertFalse(off.times("a2").isPresent(), "the inner one goes otherwise");
        assertTrue(off.times("a1").isPresent());
    }

    @Test
    void hitchesAreToldByRungAndOption() {
        Stage stage = either().pass("a10", "4", "9", Cue.after("a5")).build();
        List<Hitch> hitches = Hitch.of(Stages.drill(stage));
        assertEquals(1, hitches.size(), hitches::toString);
        assertTrue(hitches.get(0).words().startsWith("rung 1, pass to 9: 4 has no ball"), hitches.get(0)::words);
    }
}

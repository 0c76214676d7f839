package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Instruction.Rule;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.surface.End;
import wildchalk.core.timeline.Decision;
import wildchalk.core.timeline.Lane;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

class DecisionsTest {

    private static Read read(Rule rule) {
        return new Read(
                "r1",
                "7",
                List.of(new Option("left", "", "", List.of("a2")), new Option("right", "", "", List.of("a3"))),
                Optional.empty(),
                Optional.of(rule));
    }

    /** 7 carries up the middle between 9 on one side and 11 on the other. */
    private static Stages two(Rule rule, double nine, double eleven) {
        return new Stages()
                .player("7", 0, 0)
                .player("9", nine, 10)
                .player("11", eleven, -10)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 8, 0)
                .pass("a2", "7", "9", Cue.after("a1"))
                .pass("a3", "7", "11", Cue.after("a1"))
                .say(read(rule));
    }

    private static Timeline of(Stage stage) {
        return Rehearsal.of(stage, Stages.TURF);
    }

    @Test
    void whoeverIsFartherAheadIsPassedTo() {
        Timeline right = of(two(Rule.AHEAD, 15, 18).build());
        assertTrue(right.times("a3").isPresent());
        assertTrue(right.times("a2").isEmpty());
        Decision decision = right.decisions().get(0);
        assertEquals("right", decision.option());
        // 7 faces along x at (8, 0) then: 9 is 7 m ahead, 11 is 10 m.
        assertEquals(
                List.of(7.0, 10.0),
                decision.weighed().stream()
                        .map(w -> Math.round(w.metres() * 100) / 100.0)
                        .toList());
        assertEquals(right.times("a1").orElseThrow().end(), decision.t(), 1e-9);
        assertTrue(of(two(Rule.AHEAD, 19, 18).build()).times("a2").isPresent());
    }

    @Test
    void withAShotAheadIsNearerToWhatIsShotAt() {
        // The shot goes to the goal at the far end: 11, though behind 7, is told apart from 9 by that.
        Stage stage =
                two(Rule.AHEAD, -20, -5).shot("a4", "11", Cue.received("a3")).build();
        assertEquals("right", of(stage).decisions().get(0).option());
    }

    @Test
    void whoeverIsOpenIsPassedToAndTheScriptSaysWhy() {
        // A defender stands 1 m off the lane from (8, 0) to 9 at (15, 10).
        Stage shut = two(Rule.OPEN, 15, 18).player("4", 12.32, 4.43, Bib.SKY).build();
        Timeline timeline = of(shut);
        assertEquals("right", timeline.decisions().get(0).option());
        assertEquals(1.0, timeline.decisions().get(0).weighed().get(0).metres(), 0.01);
        String script = ScriptWriter.write(shut, timeline, Stages.TURF, Unit.METRES)
                .lines()
                .get(1)
                .text();
        assertTrue(script.contains("Whoever is open gets it: 9 has 1.0 m of room, 11 has "), script);
        // With room on both sides the first is taken.
        assertEquals(
                "left",
                of(two(Rule.OPEN, 15, 18).player("4", 40, 0, Bib.SKY).build())
                        .decisions()
                        .get(0)
                        .option());
    }

    @Test
    void whereBothAreShutTheOneWithMoreRoomGetsIt() {
        Stage stage = two(Rule.OPEN, 15, 18)
                .player("4", 12, 5, Bib.SKY)
                .player("5", 13, -6, Bib.SKY)
                .build();
        Decision decision = of(stage).decisions().get(0);
        List<Decision.Weighed> w = decision.weighed();
        assertTrue(w.stream().allMatch(x -> x.metres() < Lane.OPEN));
        assertEquals(w.get(0).metres() >= w.get(1).metres() ? "left" : "right", decision.option());
    }

    @Test
    void whoChoosesGoesBeforeWhatIsWorkedOut() {
        Timeline chosen = Rehearsal.of(two(Rule.AHEAD, 15, 18).build(), Stages.TURF, Choices.NONE.with("r1", "left"));
        assertTrue(chosen.times("a2").isPresent());
        assertEquals(List.of(), chosen.decisions());
    }

    @Test
    void nestedReadIsWorkedOutInTheOptionThatIsTaken() {
        Read inner = new Read(
                "r2",
                "11",
                List.of(new Option("o1", "", "", List.of("a4")), new Option("o2", "", "", List.of("a5"))),
                Optional.of("right"),
                Optional.of(Rule.AHEAD));
        Stage stage = two(Rule.AHEAD, 15, 18)
                .player("2", 25, 0)
                .player("3", 30, 0)
                .pass("a4", "11", "2", Cue.received("a3"))
                .pass("a5", "11", "3", Cue.received("a3"))
                .say(inner)
                .build();
        Timeline timeline = of(stage);
        assertEquals(
                List.of("right", "o2"),
                timeline.decisions().stream().map(Decision::option).toList());
        assertTrue(timeline.times("a5").isPresent());
        Timeline other = Rehearsal.of(stage, Stages.TURF, Choices.NONE.with("r1", "left"));
        assertEquals(List.of(), other.decisions(), "it does not come up");
    }

    @Test
    void optionThatLeadsNowhereSaysSo() {
        Read lost = new Read(
                "r1",
                "7",
                List.of(new Option("o1", "go", "", List.of("a1")), new Option("o2", "lay off", "", List.of())),
                Optional.empty());
        Problem problem = of(new Stages()
                        .player("7", 0, 0)
                        .run("a1", "7", Cue.whistle(), 5, 0)
                        .say(lost)
                        .build())
                .problems()
                .get(0);
        assertEquals(Problem.Kind.LEADS_NOWHERE, problem.kind());
        assertEquals("“lay off” leads nowhere: draw what 7 does then, or take it away", problem.message());
        Read vain = new Read(
                "r1",
                "7",
                List.of(new Option("o1", "go", "", List.of("a2")), new Option("o2", "stay", "", List.of("a1"))),
                Optional.empty());
        List<Problem> problems = of(new Stages()
                        .player("7", 0, 0)
                        .run("a1", "7", Cue.whistle(), 5, 0)
                        .run("a2", "7", new Cue(new Cue.Called("go"), 0), 9, 0)
                        .say(vain)
                        .build())
                .problems();
        assertTrue(problems.stream().anyMatch(p -> p.action().equals("r1")), "nobody calls, so nothing of it begins");
    }

    /** A ball is thrown off the boards first, the other team shoots the other way, and said is said. */
    @Test
    void aheadIsNearerToTheGoalThatTheirTeamAttacks() {
        Stages s = two(Rule.AHEAD, 15, 18)
                .player("5", -30, 20)
                .player("6", 20, -20, Bib.SKY)
                .ball("c", "5")
                .ball("d", "6")
                .action(new Action.Shot("x1", "5", Spot.at(-30, 27), Action.Touch.CONTROLLED, Cue.whistle()))
                .action(new Action.Shot(
                        "x2", "6", new Spot.AtTarget("own-goal"), Action.Touch.CONTROLLED, Cue.whistle()));
        assertEquals("right", of(s.build()).decisions().get(0).option(), "the other goal than the others shoot at");
        s.say(new Instruction.Attacks("e1", Bib.CORAL, End.OWN_GOAL, Optional.empty()));
        assertEquals("left", of(s.build()).decisions().get(0).option(), "9 is nearer to the other end");
    }

    @Test
    void tieIsBrokenAndSaid() {
        Stage even = two(Rule.OPEN, 15, 15).build();
        Timeline t = of(even);
        assertEquals("left", t.decisions().get(0).option());
        String words = ScriptWriter.write(even, t, Stages.TURF, Unit.METRES)
                .lines()
                .get(1)
                .text();
        assertTrue(words.endsWith("That is a tie, so it is 9, who is named first."), words);
        Stage uneven = two(Rule.AHEAD, 15, 18).build();
        String other = ScriptWriter.write(uneven, of(uneven), Stages.TURF, Unit.METRES)
                .lines()
                .get(1)
                .text();
        assertTrue(other.endsWith("So 11 it is."), other);
    }

    /** 7 waits after getting there before deciding: what counts is how it stands then. */
    @Test
    void decisionIsMadeWhenItIsMadeAndNotBefore() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 12, 10)
                .player("11", 14, -10)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 8, 0)
                .action(new Action.Pass(
                        "a2",
                        "7",
                        Spot.at("9"),
                        Action.Touch.CONTROLLED,
                        Cue.after("a1").delayed(2)))
                .action(new Action.Pass(
                        "a3",
                        "7",
                        Spot.at("11"),
                        Action.Touch.CONTROLLED,
                        Cue.after("a1").delayed(2)))
                .run("a4", "9", Cue.after("a1"), 18, 10)
                .say(read(Rule.AHEAD))
                .build();
        Timeline t = of(stage);
        double there = t.times("a1").orElseThrow().end();
        assertEquals(there + 2, t.decisions().get(0).t(), 0.05);
        assertEquals("left", t.decisions().get(0).option(), "by then 9 has gone past 11");
        String words = ScriptWriter.write(stage, t, Stages.TURF, Unit.METRES).lines().stream()
                .map(l -> l.text())
                .filter(l -> l.contains("decides") || l.contains("either"))
                .findFirst()
                .orElseThrow();
        assertTrue(words.contains("2 s"), words);
    }
}

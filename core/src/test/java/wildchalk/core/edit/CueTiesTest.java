package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.soundness.Soundness;

class CueTiesTest {

    private static Action call(Cue.Trigger trigger) {
        return new Action.Call("c", "7", "go", new Cue(trigger, 0.5));
    }

    @Test
    void watchOfSomebodyWhoIsGoneGivesWayToGoingOn() {
        assertEquals(call(new Cue.Next()), CueTies.without(call(new Cue.Near("4", "9", 2)), Set.of("9")));
        Action kept = call(new Cue.Near("4", "9", 2));
        assertEquals(kept, CueTies.without(kept, Set.of("8")));
    }

    @Test
    void ofSeveralMomentsThoseAreLeftThatCanStillCome() {
        Cue.Trigger near = new Cue.Near("4", "9", 2);
        Cue.Trigger called = new Cue.Called("red");
        Cue.Trigger after = new Cue.After("a1");
        assertEquals(call(called), CueTies.without(call(new Cue.AllOf(List.of(near, called))), Set.of("9")));
        assertEquals(
                call(new Cue.FirstOf(List.of(called, after))),
                CueTies.without(call(new Cue.FirstOf(List.of(near, called, after))), Set.of("4")));
        assertEquals(call(new Cue.Next()), CueTies.without(call(new Cue.AllOf(List.of(near))), Set.of("4")));
    }

    @Test
    void whatLastedUntilSomebodyWhoIsGoneLastsOn() {
        Shadow shadow = new Shadow(
                "s",
                "4",
                "7",
                new Shadow.Style(Shadow.Way.MARK, Shadow.Side.GOAL, 2),
                Action.Gait.RUN,
                Optional.of(new Cue.Enters("9", "circle")),
                Cue.whistle());
        assertEquals(Optional.empty(), ((Shadow) CueTies.without(shadow, Set.of("9"))).until());
    }

    @Test
    void drillIsSoundWhenWhoeverIsWatchedAndFollowedIsTakenAway() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 5, 5)
                .player("4", 9, 9, Bib.SKY)
                .ball("b", "7")
                .run("r", "9", Cue.whistle(), 20, 0)
                .shadow("s", "4", "9", Shadow.Way.MARK, 2, Cue.whistle())
                .run("q", "7", new Cue(new Cue.Near("9", "4", 1), 0), 20, 5)
                .run("t", "7", new Cue(new Cue.AllOf(List.of(new Cue.After("s"), new Cue.After("q"))), 0), 30, 5)
                .build();
        Drill empty = Drill.empty("d", "D", "field-hockey", "whole");
        Drill drill = Ladder.put(empty, stage);
        Drill without = PieceEdits.remove("s1", stage, Set.of("9")).apply(drill);
        assertEquals(List.of(), Soundness.faults(without, Stages.TURF));
        assertEquals(
                List.of("q", "t"),
                Ladder.build(without, "s1").actions().stream().map(Action::id).toList());
    }

    @Test
    void whatIsSaidOfThoseWhoAreGoneIsNotSaidAnyMore() {
        Instruction.Read read = new Instruction.Read(
                "r",
                "7",
                List.of(
                        new Instruction.Option("o", "x", "", List.of("a1", "a2")),
                        new Instruction.Option("p", "y", "", List.of())),
                Optional.empty());
        Limit.Count most = Limit.Count.atMost("m", Limit.Counted.TOUCHES, 2, Whom.one("7"));
        Limit.OnlyIn only = new Limit.OnlyIn("z", "circle", new Whom.People(List.of("7", "9")));
        Limit.NotBefore before = new Limit.NotBefore("n", Whom.one("9"), new Cue.Received("a1"));
        Limit.Within within = new Limit.Within("w", 4, Optional.empty(), Optional.of(new Cue.With("a1")));
        Instruction.Freeze freeze = new Instruction.Freeze("f", Cue.received("a1"), "?", "");
        List<Instruction> said = List.of(read, most, only, before, within, freeze);
        assertEquals(said, CueTies.without(said, Set.of("a9")));
        assertEquals(
                List.of(
                        new Instruction.Read(
                                "r",
                                "7",
                                List.of(
                                        new Instruction.Option("o", "x", "", List.of("a2")),
                                        read.options().get(1)),
                                Optional.empty()),
                        most,
                        only),
                CueTies.without(said, Set.of("a1")));
        assertEquals(
                List.of(new Limit.OnlyIn("z", "circle", new Whom.People(List.of("9"))), before, within, freeze),
                CueTies.without(said, Set.of("7")));
    }
}

package wildchalk.core.otherwise;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.Mends;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Problem;

/** One word of what is told changed, and what cannot happen mended. */
class RetellingTest {

    private static Stage after(Stage stage, Edit<Drill> edit) {
        return Ladder.build(edit.apply(Ladder.put(Drill.empty("d", "D", "field-hockey", "whole"), stage)), "s1");
    }

    private static List<Problem> problems(Stage stage) {
        return Rehearsal.of(stage, Stages.TURF).problems();
    }

    private static Stages pass() {
        return new Stages()
                .player("p1", 0, 0)
                .player("p2", 10, 0)
                .player("p3", 0, 8)
                .ball("b1", "p1")
                .pass("a1", "p1", "p2", Cue.whistle());
    }

    @Test
    void somebodyElseDoesItAndHasTheBallForIt() {
        Stage stage = pass().build();
        Stage changed = after(
                stage,
                Retelling.by("s1", stage.actions().get(0), stage.person("p3").orElseThrow()));
        assertEquals("p3", changed.actions().get(0).who());
        assertEquals(Optional.of("p3"), changed.balls().get(0).heldBy());
        assertEquals(List.of(), problems(changed));
    }

    @Test
    void itGoesSomewhereElse() {
        Stage stage = pass().run("a2", "p2", Cue.received("a1"), 12, 4, 20, 0)
                .shadow("a3", "p3", "p1", Shadow.Way.MARK, 2, Cue.whistle())
                .build();
        Stage passed = after(
                stage, Retelling.to("s1", stage.actions().get(0), Spot.at("p3")).orElseThrow());
        assertEquals(Spot.at("p3"), ((Action.Pass) passed.actions().get(0)).to());
        Stage led = after(
                stage,
                Retelling.to("s1", stage.actions().get(1), new Spot.AtTarget("goal"))
                        .orElseThrow());
        assertEquals(2, ((Travel.Run) led.actions().get(1)).path().through().size());
        Stage followed = after(
                stage, Retelling.to("s1", stage.actions().get(2), Spot.at("p2")).orElseThrow());
        assertEquals("p2", ((Shadow) followed.actions().get(2)).whom());
        assertTrue(Retelling.to("s1", stage.actions().get(2), Spot.at(1, 1)).isEmpty());
    }

    @Test
    void whatIsCarriedToAnotherBeatBeginsWithIt() {
        Stage stage = pass().carry("a2", "p2", Cue.received("a1"), 20, 0)
                .run("a3", "p3", Cue.whistle(), 5, 8)
                .build();
        Stage moved = after(
                stage,
                Retelling.together(
                                "s1",
                                stage,
                                stage.action("a3").orElseThrow(),
                                stage.action("a2").orElseThrow())
                        .orElseThrow());
        assertEquals(Cue.received("a1"), moved.action("a3").orElseThrow().cue());
        assertTrue(
                Retelling.together(
                                "s1",
                                stage,
                                stage.action("a1").orElseThrow(),
                                stage.action("a2").orElseThrow())
                        .isEmpty(),
                "the carry waits for the pass");
    }

    @Test
    void beatThatGoesOnAfterSomebodysLastIsJoinedAtTheirEnd() {
        Stage stage = new Stages()
                .player("p1", 0, 0)
                .player("p3", 0, 8)
                .sprint("a1", "p1", Cue.whistle(), 10, 0)
                .sprint("a2", "p1", Cue.next(), 10, 9)
                .run("a3", "p3", Cue.whistle(), 5, 8)
                .build();
        Stage moved = after(
                stage,
                Retelling.together(
                                "s1",
                                stage,
                                stage.action("a3").orElseThrow(),
                                stage.action("a2").orElseThrow())
                        .orElseThrow());
        assertEquals(Cue.after("a1"), moved.action("a3").orElseThrow().cue());
    }

    private static void mended(Stage stage, String... words) {
        Problem problem = problems(stage).get(0);
        List<Mends.Mend> mends = Mends.of("s1", stage, problem);
        assertEquals(List.of(words), mends.stream().map(Mends.Mend::words).toList());
        for (Mends.Mend mend : mends) {
            List<Problem> left = problems(after(stage, mend.edit()));
            assertTrue(
                    left.stream().noneMatch(p -> p.action().equals(problem.action())),
                    mend.words() + " leaves " + left);
        }
    }

    @Test
    void everyMendMends() {
        mended(
                new Stages()
                        .player("p1", 0, 0)
                        .player("p2", 10, 0)
                        .pass("a1", "p1", "p2", Cue.whistle())
                        .build(),
                "Give p1 a ball");
        mended(pass().carry("a2", "p2", Cue.whistle(), 20, 0).build(), "Wait for the pass from p1", "Give p2 a ball");
        mended(
                new Stages()
                        .player("p1", 0, 0)
                        .action(new Travel.Collect(
                                "a1",
                                "p1",
                                Stages.path(false, 5, 0),
                                Action.Gait.RUN,
                                Action.Ending.GO_ON,
                                Cue.whistle()))
                        .build(),
                "Put a ball there");
        mended(
                new Stages()
                        .player("p1", 0, 0)
                        .sprint("a1", "p1", Cue.whistle(), 5, 0)
                        .sprint("a2", "p1", new Cue(new Cue.Called("go"), 0), 9, 0)
                        .build(),
                "Let it follow their last",
                "Begin on the whistle");
    }
}

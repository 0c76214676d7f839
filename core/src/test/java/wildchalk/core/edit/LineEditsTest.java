package wildchalk.core.edit;

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
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.timeline.Timeline;

/** Lines cut in two and turned round. */
class LineEditsTest {

    private static Drill drill(Stages stages) {
        return Ladder.put(Drill.empty("d", "D", "field-hockey", "whole"), stages.build());
    }

    private static Stage stage(Drill drill) {
        return Ladder.build(drill, "s1");
    }

    private static Route route(Drill drill, String action) {
        Stage stage = stage(drill);
        Timeline timeline = Rehearsal.of(stage, drill.surface());
        return new Board(drill.surface(), stage, timeline, drill.lineKey(), Frame.of(drill, drill.surface()))
                .route(action);
    }

    private static Optional<Edit<Drill>> cut(Drill drill, String action, Vec at) {
        Travel travel = (Travel) stage(drill).action(action).orElseThrow();
        Route route = route(drill, action);
        return LineEdits.cut(
                "s1",
                stage(drill),
                new FreeIds(drill),
                travel,
                route,
                PathEdits.held(travel, route, new Places(stage(drill), drill.surface()), at, 0.5),
                at);
    }

    private static Drill run() {
        return drill(new Stages()
                .player("p1", 0, 0)
                .player("p2", 0, 10)
                .sprint("a1", "p1", Cue.whistle(), 10, 0, 20, 0)
                .sprint("a2", "p2", Cue.after("a1"), 10, 10)
                .sprint("a3", "p2", new Cue(new Cue.Partway("a1", 0.75), 0), 5, 12)
                .sprint("a4", "p1", Cue.next(), 30, 0));
    }

    @Test
    void cutLineTakesAsLongAsTheWholeAndWhatWaitsForItsEndStillDoes() {
        Drill before = run();
        Drill after = cut(before, "a1", new Vec(6, 0.1)).orElseThrow().apply(before);
        Timeline was = Rehearsal.of(stage(before), before.surface());
        Timeline is = Rehearsal.of(stage(after), after.surface());
        assertEquals(
                List.of("a1", "a5", "a4"),
                stage(after).actionsOf("p1").stream().map(Action::id).toList());
        assertEquals(6, is.line("a1").get(is.line("a1").size() - 1).x(), 0.1);
        assertEquals(
                was.times("a4").orElseThrow().start(),
                is.times("a4").orElseThrow().start(),
                1e-3);
        assertEquals(
                was.times("a2").orElseThrow().start(),
                is.times("a2").orElseThrow().start(),
                1e-3);
        // Three quarters of 20 m are 15 m: on the second part.
        assertEquals(
                "a5",
                stage(after).action("a3").orElseThrow().cue().trigger().of().orElseThrow());
        assertEquals(
                was.times("a3").orElseThrow().start(),
                is.times("a3").orElseThrow().start(),
                0.02);
    }

    @Test
    void cutAtACornerKeepsTheCorner() {
        Drill after = cut(run(), "a1", new Vec(10, 0)).orElseThrow().apply(run());
        assertEquals(
                1,
                ((Travel) stage(after).action("a1").orElseThrow())
                        .path()
                        .through()
                        .size());
        assertEquals(
                1,
                ((Travel) stage(after).action("a5").orElseThrow())
                        .path()
                        .through()
                        .size());
    }

    @Test
    void nothingIsCutOffThatIsTooShort() {
        assertTrue(cut(run(), "a1", new Vec(0.2, 0)).isEmpty());
        assertTrue(cut(run(), "a1", new Vec(19.9, 0)).isEmpty());
    }

    @Test
    void bothPartsBelongToTheOptionThatTheWholeBelongedTo() {
        Drill before = drill(new Stages()
                .player("p1", 0, 0)
                .sprint("a1", "p1", Cue.whistle(), 20, 0)
                .sprint("a2", "p1", Cue.whistle(), 0, 20)
                .say(new Instruction.Read(
                        "r1",
                        "p1",
                        List.of(
                                new Instruction.Option("o1", "", "", List.of("a1")),
                                new Instruction.Option("o2", "", "", List.of("a2"))),
                        Optional.empty())));
        Drill after = cut(before, "a1", new Vec(10, 0)).orElseThrow().apply(before);
        assertEquals(
                List.of("a1", "a3"),
                stage(after)
                        .instructions(Instruction.Read.class)
                        .get(0)
                        .options()
                        .get(0)
                        .actions());
    }

    @Test
    void runIsTurnedRoundWithWhoRunsIt() {
        Drill before =
                drill(new Stages().player("p1", 0, 0).ball("b1", "p1").carry("a1", "p1", Cue.whistle(), 10, 5, 20, 0));
        Drill after = LineEdits.reverse(
                        "s1", stage(before), stage(before).actions().get(0), route(before, "a1"))
                .orElseThrow()
                .apply(before);
        assertEquals(new Vec(20, 0), stage(after).person("p1").orElseThrow().at());
        List<Vec> line = Rehearsal.of(stage(after), after.surface()).line("a1");
        assertEquals(0, line.get(line.size() - 1).distance(Vec.ZERO), 1e-6);
        assertEquals(List.of(), Rehearsal.of(stage(after), after.surface()).problems());
    }

    @Test
    void passIsTurnedRoundWithItsBall() {
        Drill before = drill(new Stages()
                .player("p1", 0, 0)
                .player("p2", 10, 0)
                .ball("b1", "p1")
                .pass("a1", "p1", "p2", Cue.whistle()));
        Drill after = LineEdits.reverse(
                        "s1", stage(before), stage(before).actions().get(0), route(before, "a1"))
                .orElseThrow()
                .apply(before);
        assertEquals("p2", stage(after).actions().get(0).who());
        assertEquals(Optional.of("p2"), stage(after).balls().get(0).heldBy());
        assertEquals(List.of(), Rehearsal.of(stage(after), after.surface()).problems());
    }

    @Test
    void lineThatGoesOnFromAnotherCannotBeTurnedRound() {
        assertTrue(
                LineEdits.reverse("s1", stage(run()), stage(run()).action("a4").orElseThrow(), route(run(), "a4"))
                        .isEmpty());
    }
}

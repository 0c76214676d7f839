package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.timeline.Timeline;

/** Halves that stay tied: whatever is done to the one is seen in the other. */
class TwinsTest {

    private static final Stage HALF = new Stages()
            .player("7", 10, -6)
            .player("9", 20, 4)
            .ball("b", "7")
            .carry("a1", "7", Cue.whistle(), 16, -6)
            .pass("a2", "7", "9", Cue.after("a1"))
            .shot("a3", "9", Cue.received("a2"))
            .build();

    private static Drill tied(Game.Where where, boolean inTurn) {
        Drill drill = Stages.drill(HALF);
        Timeline t = Rehearsal.of(HALF, Stages.TURF);
        return Twins.tie("s1", Set.of("7", "9"), where, inTurn, Stages.TURF, t).apply(drill);
    }

    private static Stage stage(Drill drill) {
        return Ladder.build(drill, "s1");
    }

    private static Game.Twin twin(Stage stage) {
        return stage.instructions(Game.Twin.class).get(0);
    }

    private static String other(Stage stage, String id) {
        return twin(stage).pairs().get(id);
    }

    private static Drill apply(Drill drill, Edit<Drill> edit) {
        return Twins.tied(edit).apply(drill);
    }

    /** Every place of the one is seen mirrored in the other, all through the rep. */
    private static void isMirrored(Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (String who : List.of("7", "9")) {
            for (double at = 0; at < t.duration(); at += 0.2) {
                Vec one = t.at(who, at);
                Vec two = t.at(other(stage, who), at);
                assertEquals(0, new Vec(-one.x(), one.y()).distance(two), 1e-6, who + " at " + at);
            }
        }
    }

    @Test
    void theOtherHalfIsTheSameAtTheOtherEnd() {
        Stage stage = stage(tied(Game.Where.OTHER_END, false));
        assertEquals(4, stage.people().size());
        assertEquals(2, stage.balls().size());
        assertEquals(6, stage.actions().size());
        isMirrored(stage);
        assertEquals(List.of(), Rehearsal.of(stage, Stages.TURF).problems());
    }

    @Test
    void whoeverIsMovedInTheOneIsMovedInTheOther() {
        Drill drill = tied(Game.Where.OTHER_END, false);
        Stage before = stage(drill);
        Drill moved = apply(drill, PieceEdits.move("s1", before.person("9").orElseThrow(), new Vec(24, 9)));
        Stage after = stage(moved);
        assertEquals(
                new Vec(-24, 9), after.person(other(after, "9")).orElseThrow().at());
        isMirrored(after);
        // And the other way round: the copy leads.
        Piece.Person copy = after.person(other(after, "7")).orElseThrow();
        Stage back = stage(apply(moved, PieceEdits.move("s1", copy, new Vec(-8, -12))));
        assertEquals(new Vec(8, -12), back.person("7").orElseThrow().at());
        isMirrored(back);
    }

    @Test
    void whatIsDrawnInTheOneIsDrawnInTheOtherAndTakenAwayInBoth() {
        Drill drill = tied(Game.Where.OTHER_END, false);
        Travel.Run run = new Travel.Run(
                "a99",
                "9",
                new TravelPath(List.of(Spot.at(12, 12)), false),
                Action.Gait.RUN,
                Action.Ending.STOP,
                Cue.next());
        Drill drawn = apply(drill, ActionEdits.chalk("s1", run));
        Stage after = stage(drawn);
        assertEquals(8, after.actions().size());
        assertTrue(twin(after).pairs().containsKey("a99"));
        isMirrored(after);
        Stage without = stage(apply(drawn, PieceEdits.remove("s1", after, List.of("a99"))));
        assertEquals(6, without.actions().size());
        Stage fewer = stage(apply(drawn, PieceEdits.remove("s1", after, List.of(other(after, "9")))));
        assertTrue(fewer.person("9").isEmpty(), "taken away in the copy, gone in both");
    }

    @Test
    void inTurnTheOtherBeginsWhenTheOneIsOver() {
        Drill drill = tied(Game.Where.HALF_ROUND, true);
        Stage stage = stage(drill);
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        double over = t.times("a3").orElseThrow().end();
        assertTrue(t.times(other(stage, "a1")).orElseThrow().start() >= over - 1e-9);
        Drill moved = apply(drill, PieceEdits.move("s1", stage.person("7").orElseThrow(), new Vec(11, -3)));
        Stage after = stage(moved);
        assertEquals(
                new Vec(-11, 3), after.person(other(after, "7")).orElseThrow().at());
        Timeline later = Rehearsal.of(after, Stages.TURF);
        assertTrue(
                later.times(other(after, "a1")).orElseThrow().start()
                        >= later.times("a3").orElseThrow().end() - 1e-9,
                "it still waits for the one");
        Stage atOnce = stage(Twins.inTurn("s1", twin(after), false).apply(moved));
        assertEquals(
                new Cue.Whistle(),
                atOnce.action(other(atOnce, "a1")).orElseThrow().cue().trigger());
    }

    @Test
    void halvesStayTiedOnTheRungAbove() {
        Drill drill = tied(Game.Where.OTHER_END, false);
        List<Rung> rungs = new ArrayList<>(drill.ladder());
        rungs.add(Rung.from("s1", "s2", "Harder", RungPlan.USUAL));
        Drill two = drill.withLadder(rungs);
        Stage below = stage(two);
        Drill moved = apply(two, PieceEdits.move("s1", below.person("9").orElseThrow(), new Vec(24, 9)));
        Stage above = Ladder.build(moved, "s2");
        assertEquals(
                new Vec(-24, 9), above.person(other(above, "9")).orElseThrow().at());
        Drill own = apply(moved, PieceEdits.move("s2", above.person("7").orElseThrow(), new Vec(9, 0)));
        Stage there = Ladder.build(own, "s2");
        assertEquals(
                new Vec(-9, 0), there.person(other(there, "7")).orElseThrow().at());
        assertEquals(new Vec(10, -6), stage(own).person("7").orElseThrow().at(), "the rung below stays");
        assertEquals(List.of(), Soundness.faults(own, Stages.TURF));
    }

    @Test
    void untiedEachIsChangedByItself() {
        Drill drill = tied(Game.Where.OTHER_SIDE, false);
        Stage stage = stage(drill);
        String copy = other(stage, "9");
        Drill untied = Twins.untie("s1", twin(stage)).apply(drill);
        Stage after =
                stage(apply(untied, PieceEdits.move("s1", stage.person("9").orElseThrow(), new Vec(30, 0))));
        assertEquals(Optional.of(new Vec(20, -4)), after.person(copy).map(Piece::at));
    }

    @Test
    void theScriptSaysTheOtherHalfOnce() {
        Stage stage = stage(tied(Game.Where.OTHER_END, false));
        Script script = ScriptWriter.write(stage, Rehearsal.of(stage, Stages.TURF), Stages.TURF, Unit.METRES);
        assertEquals(3, script.lines().size());
        assertEquals(
                List.of("The same at the other end at once: 1 for 7, 2 for 9."),
                script.limits().stream().map(Script.Phrase::text).toList());
    }
}

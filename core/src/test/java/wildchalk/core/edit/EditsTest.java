package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

class EditsTest {

    private final Stage stage = new Stages()
            .player("1", 0, 0)
            .player("2", 10, 0)
            .player("3", 5, 5)
            .ball("b1", "1")
            .piece(Piece.Item.cone("c1", new Vec(20, 0), Colour.YELLOW))
            .pass("a1", "1", "2", Cue.whistle())
            .travel(new Travel.Carry(
                    "a2",
                    "2",
                    new TravelPath(List.of(Spot.at("c1")), false),
                    Action.Gait.RUN,
                    Action.Ending.GO_ON,
                    Cue.received("a1")))
            .run("a3", "3", Cue.with("a2"), 15, 5)
            .build();
    private final Drill drill = Ladder.put(Drill.empty("d", "Drill", "field-hockey", "whole"), stage);

    private Stage after(Edit<Drill> edit) {
        return Ladder.build(edit.apply(drill), "s1");
    }

    @Test
    void editsAreNamedSoThatACoachKnowsThem() {
        assertEquals(
                "Move player 1",
                PieceEdits.move("s1", stage.piece("1").orElseThrow(), Vec.ZERO).name());
        assertEquals(
                "Place yellow cone",
                PieceEdits.place("s1", stage.piece("c1").orElseThrow()).name());
        assertEquals(
                "Chalk a pass",
                ActionEdits.chalk("s1", stage.action("a1").orElseThrow()).name());
        assertEquals(
                "Delete carry", PieceEdits.remove("s1", stage, List.of("a2")).name());
        assertEquals(
                "Delete 2 things",
                PieceEdits.remove("s1", stage, List.of("a2", "c1")).name());
    }

    @Test
    void ballGoesAlongWithWhoHasIt() {
        Stage moved = after(PieceEdits.move("s1", stage.piece("1").orElseThrow(), new Vec(3, 4)));
        assertEquals(new Vec(3, 4), moved.piece("b1").orElseThrow().at());
    }

    @Test
    void lineThatEndsOnAPieceFollowsIt() {
        Stage moved = after(PieceEdits.move("s1", stage.piece("c1").orElseThrow(), new Vec(25, 3)));
        Travel.Carry carry = (Travel.Carry) moved.action("a2").orElseThrow();
        assertEquals(Spot.at("c1"), carry.path().last());
    }

    @Test
    void lineToAPieceThatIsTakenAwayStillEndsWhereItStood() {
        Stage left = after(PieceEdits.remove("s1", stage, List.of("c1")));
        Travel.Carry carry = (Travel.Carry) left.action("a2").orElseThrow();
        assertEquals(Spot.at(20, 0), carry.path().last());
    }

    @Test
    void whatWaitedForADeletedActionIsSetOffByWhatThatWaitedFor() {
        Stage left = after(PieceEdits.remove("s1", stage, List.of("a2")));
        assertEquals(Cue.received("a1"), left.action("a3").orElseThrow().cue());
        Stage both = after(PieceEdits.remove("s1", stage, List.of("a1", "a2")));
        assertEquals(Cue.whistle(), both.action("a3").orElseThrow().cue());
    }

    @Test
    void personTakesTheirActionsAlongAndLeavesTheBall() {
        Stage left = after(PieceEdits.remove("s1", stage, List.of("1")));
        assertTrue(left.action("a1").isEmpty());
        assertEquals(Optional.empty(), ((Piece.Ball) left.piece("b1").orElseThrow()).heldBy());
        assertEquals(Cue.whistle(), left.action("a2").orElseThrow().cue());
    }

    @Test
    void ballIsGivenAndDropped() {
        Piece.Ball ball = stage.balls().get(0);
        Stage given = after(PieceEdits.giveBall("s1", ball, stage.person("2").orElseThrow()));
        assertEquals(Optional.of("2"), given.balls().get(0).heldBy());
        Stage dropped = after(PieceEdits.dropBall("s1", ball, new Vec(1, 2)));
        assertEquals(new Vec(1, 2), dropped.balls().get(0).at());
        assertTrue(dropped.balls().get(0).heldBy().isEmpty());
    }

    @Test
    void historyGoesBackAndForwardByName() {
        History<Drill> history = History.of(drill).after(DrillEdits.rename("A")).after(DrillEdits.rename("B"));
        assertEquals(Optional.of("Rename drill"), history.nextUndo());
        assertEquals("A", history.undo().now().title());
        assertEquals("B", history.undo().undo().redo().redo().now().title());
        assertTrue(drill.isLike(history.undo().undo().now()));
        assertEquals(Optional.empty(), history.undo().undo().nextUndo());
    }

    @Test
    void editThatChangesNothingIsNoStep() {
        History<Drill> history = History.of(drill);
        assertSame(history, history.after(DrillEdits.rename("Drill")));
    }

    @Test
    void newEditAfterUndoForgetsWhatWasUndone() {
        History<Drill> history =
                History.of(drill).after(DrillEdits.rename("A")).undo().after(DrillEdits.rename("B"));
        assertEquals(Optional.empty(), history.nextRedo());
    }

    @Test
    void waysThatAreThereGoRoundInACircle() {
        assertEquals(
                EnumSet.of(Action.Manner.FLAT, Action.Manner.LOB, Action.Manner.PUSH, Action.Manner.RIM),
                ways(Surfaces.BUILT_IN.get("ice-rink-na")),
                "a puck does not bounce");
        assertEquals(EnumSet.complementOf(EnumSet.of(Action.Manner.RIM)), ways(Stages.TURF), "no boards to go round");
        Travel.Run run = new Travel.Run(
                "a2",
                "7",
                new TravelPath(List.of(Spot.at(1, 1)), false),
                Action.Gait.RUN,
                Action.Ending.STOP,
                Cue.whistle());
        Drill drill = Stages.drill(new Stages().player("7", 0, 0).travel(run).build());
        List<Action.Gait> gaits = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Travel now = (Travel) Ladder.build(drill, "s1").action("a2").orElseThrow();
            drill = ActionEdits.nextWay("s1", now, Stages.TURF).orElseThrow().apply(drill);
            gaits.add(((Travel) Ladder.build(drill, "s1").action("a2").orElseThrow())
                    .going()
                    .gait());
        }
        assertEquals(
                List.of(Action.Gait.SPRINT, Action.Gait.WALK, Action.Gait.JOG, Action.Gait.RUN),
                gaits,
                "how fast somebody runs");
    }

    /** The ways in which a pass can go, until it goes as at first. */
    private static Set<Action.Manner> ways(Surface surface) {
        Action.Pass first = new Action.Pass("a1", "F", Spot.at("7"), Action.Touch.CONTROLLED, Cue.whistle());
        Drill drill = Ladder.put(
                Drill.empty("d", "D", "field-hockey", "whole"),
                new Stages()
                        .player("F", 0, 0)
                        .player("7", 9, 0)
                        .ball("b1", "F")
                        .action(first)
                        .build());
        Set<Action.Manner> seen = new HashSet<>();
        Action.Pass now = first;
        while (seen.add(now.manner())) {
            drill = ActionEdits.nextWay("s1", now, surface).orElseThrow().apply(drill);
            now = (Action.Pass) Ladder.build(drill, "s1").action("a1").orElseThrow();
        }
        assertEquals(first, now);
        return seen;
    }
}

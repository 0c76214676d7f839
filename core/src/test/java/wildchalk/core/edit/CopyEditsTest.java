package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.Wall;
import wildchalk.core.timeline.Timeline;

class CopyEditsTest {

    private static final Surface RINK = Surfaces.BUILT_IN.get("ice-rink-na");
    private static final Set<String> ALL = Set.of("7", "9", "x", "c1");

    private final Stage stage = new Stages()
            .player("7", 5, -4)
            .player("9", 14, 6)
            .player("x", 16, 0, Bib.SKY)
            .piece(Piece.Item.cone("c1", new Vec(20, -8), Colour.RED))
            .ball("b1", "7")
            .action(new Action.Pass("a1", "7", Spot.at("9"), Action.Touch.CONTROLLED, Cue.whistle())
                    .comingOff(Wall.RIGHT))
            .shadow("a2", "x", "9", Shadow.Way.CHASE, 1, Cue.received("a1"))
            .carry("a3", "9", Cue.received("a1"), 20, 9)
            .shot("a4", "9", Cue.next())
            .action(new Hold(
                    "a5",
                    "7",
                    Hold.Stance.TURN,
                    Optional.of(new Spot.AtPiece("c1", new Vec(1, 2))),
                    Hold.Turn.OPEN_LEFT,
                    0,
                    Optional.of(new Cue.Enters("9", "right-circle")),
                    Cue.after("a1")))
            .build();
    private final Drill drill =
            Ladder.put(Drill.empty("d", "D", "ice-rink-na", "whole").withEffort(stage.effort()), stage);

    private Stage mirrored(Stage from, Placement placement) {
        return Ladder.build(
                CopyEdits.mirror("s1", "Mirror", from, ALL, placement, RINK).apply(Ladder.put(drill, from)), "s1");
    }

    @Test
    void mirroredTwiceIsAsItWas() {
        for (Placement p : List.of(Placement.OTHER_END, Placement.OTHER_SIDE, Placement.HALF_ROUND)) {
            Stage once = mirrored(stage, p);
            assertEquals(List.of(), Soundness.faults(Ladder.put(drill, once), RINK));
            assertEquals(stage, mirrored(once, p));
        }
    }

    @Test
    void wallsTurnsTargetsAndZonesAreThoseOfTheOtherSide() {
        Stage side = mirrored(stage, Placement.OTHER_SIDE);
        assertEquals(Optional.of(Wall.LEFT), ((Action.Pass) side.action("a1").orElseThrow()).off());
        Hold hold = (Hold) side.action("a5").orElseThrow();
        assertEquals(Hold.Turn.OPEN_RIGHT, hold.turn());
        assertEquals(Optional.of(new Cue.Enters("9", "left-circle")), hold.until());
        assertEquals(Optional.of(new Spot.AtPiece("c1", new Vec(1, -2))), hold.facing());
        Stage round = mirrored(stage, Placement.HALF_ROUND);
        assertEquals(
                new Spot.AtTarget("own-goal"), ((Action.Shot) round.action("a4").orElseThrow()).to());
        assertEquals(Hold.Turn.OPEN_LEFT, ((Hold) round.action("a5").orElseThrow()).turn());
        assertEquals(Math.PI, Math.abs(((Piece.Player) round.piece("7").orElseThrow()).facing()), 1e-9);
    }

    /** Where nothing tells which way a team goes a marker still stands where the mirror shows them. */
    @Test
    void markersLookAfterTheOtherGoalWhereNothingTellsWhich() {
        Stage untold = new Stages()
                .player("7", 4, -3)
                .player("x", 9, 2, Bib.SKY)
                .run("a1", "7", Cue.whistle(), 8, 5)
                .shadow("a2", "x", "7", Shadow.Way.MARK, 1.5, Cue.with("a1"))
                .build();
        Timeline before = Rehearsal.of(untold, RINK);
        Vec marks = before.at("x", before.duration());
        assertTrue(marks.x() > before.at("7", before.duration()).x(), "between them and the goal");
        for (Placement p : List.of(Placement.OTHER_END, Placement.HALF_ROUND)) {
            Stage turned = Ladder.build(
                    CopyEdits.mirror("s1", "Mirror", untold, Set.of("7", "x"), p, RINK)
                            .apply(Ladder.put(drill, untold)),
                    "s1");
            Timeline after = Rehearsal.of(turned, RINK);
            Vec there = after.at("x", after.duration());
            assertTrue(there.distance(p.place(marks)) < 0.05, marks + " became " + there);
        }
    }

    @Test
    void copyDoesTheSameAtTheSameTimesAndKnowsOnlyItself() {
        CopyEdits.Copy copy =
                CopyEdits.copy("s1", "Copy", stage, new FreeIds(Stages.drill(stage)), ALL, Placement.OTHER_END, RINK);
        Stage both = Ladder.build(copy.edit().apply(drill), "s1");
        assertEquals(5, copy.ids().size(), "the ball comes along");
        assertEquals(List.of(), Soundness.faults(copy.edit().apply(drill), RINK));
        List<Action> copied = both.actions().subList(5, 10);
        assertTrue(copied.stream().allMatch(a -> copy.ids().contains(a.who())));
        assertEquals(Cue.received(copied.get(0).id()), copied.get(2).cue());
        assertEquals(
                List.of("1", "2", "x"),
                both.people().subList(3, 6).stream().map(Piece.Person::label).toList());
        Timeline t = Rehearsal.of(both, RINK);
        assertEquals(List.of(), t.problems());
        for (int i = 0; i < 5; i++) {
            assertEquals(
                    t.times(stage.actions().get(i).id()).orElseThrow().start(),
                    t.times(copied.get(i).id()).orElseThrow().start(),
                    1e-6);
        }
    }

    @Test
    void whatIsNamedOutsideTheCopyStaysWhatItIs() {
        CopyEdits.Copy copy = CopyEdits.copy(
                "s1",
                "Copy",
                stage,
                new FreeIds(Stages.drill(stage)),
                Set.of("x"),
                Placement.beside(new Vec(2, 2)),
                RINK);
        Stage both = Ladder.build(copy.edit().apply(drill), "s1");
        Shadow second = (Shadow) both.actions().get(5);
        assertEquals("9", second.whom());
        assertEquals(Cue.received("a1"), second.cue());
        assertEquals(new Vec(18, 2), both.piece(second.who()).orElseThrow().at());
    }

    @Test
    void severalPiecesMoveByTheSameAndBallsInHandOnce() {
        Edit<Drill> edit = PieceEdits.moveAll("s1", stage, Set.of("7", "c1", "b1"), new Vec(1, -2));
        Stage moved = Ladder.build(edit.apply(drill), "s1");
        assertEquals(new Vec(6, -6), moved.piece("7").orElseThrow().at());
        assertEquals(new Vec(6, -6), moved.piece("b1").orElseThrow().at());
        assertEquals(new Vec(21, -10), moved.piece("c1").orElseThrow().at());
        assertEquals("Move 3 pieces", edit.name());
    }

    @Test
    void partByItselfIsSoundAndGoesIntoAnotherDrill() {
        Stage alone = CopyEdits.alone(stage, Set.of("9", "x"));
        assertEquals(List.of("9", "x"), alone.people().stream().map(Piece::id).toList());
        assertEquals(
                List.of("a2", "a3", "a4"),
                alone.actions().stream().map(Action::id).toList());
        assertEquals(List.of(), Soundness.faults(Ladder.put(drill, alone), RINK));
        Stage other = new Stages()
                .player("p1", 0, 0)
                .player("9", 3, 3)
                .run("a1", "p1", Cue.whistle(), 9, 0)
                .build();
        CopyEdits.Copy paste = CopyEdits.paste(
                "s1", other, new FreeIds(Stages.drill(other)), alone, Placement.beside(new Vec(0, 1)), RINK);
        Drill there = paste.edit().apply(Ladder.put(drill, other));
        assertEquals(List.of(), Soundness.faults(there, RINK));
        Stage both = Ladder.build(there, "s1");
        assertEquals(
                List.of("p1", "9", "1", "x"),
                both.people().stream().map(Piece.Person::label).toList());
        assertEquals(4, both.actions().size());
        assertEquals(
                List.of(),
                Rehearsal.of(both, RINK).problems().stream()
                        .filter(p -> p.action().equals("a1"))
                        .toList());
    }
}

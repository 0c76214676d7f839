package wildchalk.core.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.geometry.Vec;
import wildchalk.core.soundness.Soundness;

class LadderTest {

    private final Stage bottom = new Stages()
            .player("1", 0, 0)
            .player("2", 10, 0)
            .ball("b1", "1")
            .pass("a1", "1", "2", Cue.whistle())
            .run("a2", "1", Cue.next(), 5, 5)
            .build();
    private final Drill drill = Ladder.put(Drill.empty("d", "Two rungs", "field-hockey", "whole"), bottom)
            .withLadder(List.of(
                    Ladder.put(Drill.empty("d", "", "field-hockey", "whole"), bottom)
                            .ladder()
                            .get(0),
                    new Rung("s2", "With a chaser", Optional.of("s1"), List.of(), List.of(), List.of(), List.of())));

    @Test
    void rungWithoutDifferencesIsTheOneBelow() {
        Stage second = Ladder.build(drill, "s2");
        assertEquals(bottom.pieces(), second.pieces());
        assertEquals(bottom.actions(), second.actions());
    }

    @Test
    void onlyWhatDiffersIsRecorded() {
        Stage second = Ladder.build(drill, "s2");
        Piece chaser = new Piece.Player("3", new Vec(5, 5), 0, "3", Bib.SKY);
        Drill changed = Ladder.put(
                drill,
                second.withPiece(chaser).withActions(List.of(bottom.actions().get(0))));
        Rung rung = changed.ladder().get(1);
        assertEquals(List.of(chaser), rung.pieces());
        assertEquals(List.of(), rung.actions());
        assertEquals(List.of("a2"), rung.without());
        assertEquals(3, Ladder.build(changed, "s2").people().size());
    }

    @Test
    void changeBelowReachesTheRungAbove() {
        Stage moved = bottom.withPiece(bottom.piece("2").orElseThrow().movedTo(new Vec(12, 3)));
        Drill changed = Ladder.put(drill, moved);
        assertEquals(
                new Vec(12, 3),
                Ladder.build(changed, "s2").piece("2").orElseThrow().at());
    }

    @Test
    void buildingWhatWasRecordedGivesExactlyThatRung() {
        Stage second = Ladder.build(drill, "s2").withPiece(Piece.Item.cone("c1", new Vec(1, 1), Colour.BLUE));
        assertEquals(second, Ladder.build(Ladder.put(drill, second), "s2"));
    }

    @Test
    void rungsThatAreMadeFromEachOtherStillBuild() {
        Drill circle = drill.withLadder(List.of(
                new Rung("s1", "", Optional.of("s2"), bottom.pieces(), List.of(), List.of(), List.of()),
                new Rung("s2", "", Optional.of("s1"), List.of(), List.of(), List.of(), List.of())));
        assertEquals(3, Ladder.build(circle, "s2").pieces().size());
        assertTrue(Soundness.faults(circle, Stages.TURF).get(0).what().contains("made from itself"));
    }

    @Test
    void soundDrillHasNoFaults() {
        assertEquals(List.of(), Soundness.faults(drill, Stages.TURF));
    }

    @Test
    void everyNameThatIsNotThereIsAFault() {
        Stage wrong = new Stages()
                .player("1", 0, 0)
                .ball("b1", "9")
                .pass("a1", "1", "8", Cue.whistle())
                .run("a2", "7", Cue.received("a9"), 1, 1)
                .build()
                .withAction(new Action.Shot("a3", "1", new Spot.AtTarget("moon"), Action.Touch.CONTROLLED, Cue.next()));
        List<Soundness.Fault> faults =
                Soundness.faults(Ladder.put(Drill.empty("d", "", "field-hockey", "whole"), wrong), Stages.TURF);
        assertEquals(
                List.of("b1", "a1", "a2", "a2", "a3"),
                faults.stream().map(Soundness.Fault::id).toList());
    }

    @Test
    void whatIsSaidOnARungIsKeptAsADifferenceToo() {
        Limit.Count two = Limit.Count.atMost("l1", Limit.Counted.TOUCHES, 2, Whom.everybody());
        Limit.Count one = Limit.Count.atMost("l1", Limit.Counted.TOUCHES, 1, Whom.everybody());
        Limit.Within quick = new Limit.Within("l2", 8, Optional.empty(), Optional.empty());
        Drill said = Ladder.put(drill, Ladder.build(drill, "s1").withInstructions(List.of(two, quick)));
        assertEquals(List.of(two, quick), Ladder.build(said, "s2").instructions());
        Drill harder = Ladder.put(said, Ladder.build(said, "s2").withInstructions(List.of(one)));
        assertEquals(List.of(one), Ladder.build(harder, "s2").instructions());
        assertEquals(List.of(two, quick), Ladder.build(harder, "s1").instructions());
        Rung rung = harder.ladder().get(1);
        assertEquals(List.of(one), rung.instructions());
        assertEquals(List.of("l2"), rung.without());
    }
}

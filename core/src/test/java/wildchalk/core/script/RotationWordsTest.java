package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.When;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;

/** What is said between reps, in a sentence each. */
class RotationWordsTest {

    private static final Stage STAGE = new Stages()
            .piece(new Piece.LineUp("L", new Vec(0, 0), 0, "F", Bib.CORAL, 3, "feeders"))
            .player("7", 9, 0)
            .player("9", 9, 9)
            .ball("b", "L")
            .pass("a", "L", "7", Cue.whistle())
            .run("c", "7", Cue.received("a"), 20, 0)
            .run("d", "7", Cue.received("a"), 20, 9)
            .say(Stages.either("r", "7", "c", "d"))
            .build();

    private static String said(Rotation rotation) {
        return new RotationWords(STAGE, Stages.TURF, Unit.METRES).of(rotation);
    }

    private static Rotation goes(String who, Rotation.To to, Rotation.Stay... after) {
        return new Rotation.Goes("g", who, to, after.length == 0 ? Optional.empty() : Optional.of(after[0]));
    }

    @Test
    void whereWhoeverHadARoleGoes() {
        assertEquals("Whoever was 7 joins the end of the feeders.", said(goes("7", new Rotation.Becomes("L", false))));
        assertEquals(
                "Whoever was the front of the feeders becomes 7.", said(goes("L", new Rotation.Becomes("7", false))));
        assertEquals(
                "After three reps whoever was 7 changes with 9.",
                said(goes("7", new Rotation.ChangesWith("9"), new Rotation.Stay(Rotation.Counted.REPS, 3))));
        assertEquals(
                "When six have gone in, whoever was 7 is out until somebody else is.",
                said(goes("7", new Rotation.Out(), new Rotation.Stay(Rotation.Counted.MADE, 6))));
        assertEquals(
                "Whoever was the front of the feeders joins the end of the feeders on the other side.",
                said(goes("L", new Rotation.Becomes("L", true))));
    }

    @Test
    void whenAndWhereTheNextRepStarts() {
        assertEquals("The next rep starts every 12 s.", said(new Rotation.Starts("s", new When.Every(12))));
        assertEquals(
                "The next rep starts as 7 receives.", said(new Rotation.Starts("s", new When.At(Cue.received("a")))));
        assertEquals(
                "Reps are played on one side and the other in turn.",
                said(new Rotation.Sides("s", Rotation.Taken.IN_TURN)));
        assertEquals(
                "The last in line fetches the balls.", said(new Rotation.Fetches("f", Rotation.Fetcher.LAST_IN_LINE)));
        assertEquals("Of four reps four \u201crun\u201d.", said(new Rotation.Shares("x", "r", Map.of("o1", 4))));
    }

    @Test
    void aSentenceEachStandsBeforeTheRep() {
        Stage said = STAGE.withInstructions(List.of(goes("7", new Rotation.Becomes("L", false))));
        Script script = ScriptWriter.write(said, Rehearsal.of(said, Stages.TURF), Stages.TURF, Unit.METRES);
        assertEquals(
                "Whoever was 7 joins the end of the feeders.",
                script.limits().get(0).text());
    }

    /** A role that is taken away takes with it what was said of it, and the drill stays sound. */
    @Test
    void whatIsSaidOfARoleGoesWithIt() {
        Stage said = STAGE.withInstructions(
                List.of(goes("7", new Rotation.Becomes("9", false)), new Rotation.Sides("s", Rotation.Taken.BOTH)));
        Drill drill = Stages.drill(said);
        Drill without = PieceEdits.remove("s1", said, List.of("9")).apply(drill);
        List<Rotation> left = Ladder.build(without, "s1").instructions(Rotation.class);
        assertEquals(1, left.size());
        assertTrue(left.get(0) instanceof Rotation.Sides);
    }
}

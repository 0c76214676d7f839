package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.ask.Answer;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

/** What lies over or under a board: another option, another rung, an answer. */
class OverlayShapesTest {

    private static final Frame FRAME = Frame.of(new Box(-20, -15, 40, 30));

    private static Board board(Stage stage, Choices choices) {
        return new Board(Stages.TURF, stage, Rehearsal.of(stage, Stages.TURF, choices), LineKey.RUNS_PLAIN, FRAME);
    }

    @Test
    void theWayThatIsNotLookedAtIsFaintAndWhatIsWrongIsNot() {
        Read read = new Read(
                "r1",
                "7",
                List.of(new Option("o1", "", "", List.of("a1")), new Option("o2", "", "", List.of("a2"))),
                Optional.empty());
        Stage stage = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 5, 5)
                .run("a2", "7", Cue.whistle(), 5, -5)
                .run("a3", "7", new Cue(new Cue.Called("go"), 0), 9, 0)
                .say(read)
                .build();
        Board first = board(stage, Choices.NONE);
        assertFalse(first.isLeftOut("a1"));
        assertTrue(first.isLeftOut("a2"));
        assertFalse(first.isLeftOut("a3"), "nobody calls: that is a problem, and is shown as one");
        assertTrue(board(stage, Choices.NONE.with("r1", "o2")).isLeftOut("a1"));
        List<Shape> chalk = first.chalk(Set.of(), id -> id.equals("a2"));
        assertTrue(!chalk.isEmpty() && chalk.stream().allMatch(Shape.Faint.class::isInstance));
    }

    @Test
    void whatIsFaintHasNoGrainAndTakesItsRoom() {
        Shape stroke = new Shape.Stroke(Curve.line(Vec.ZERO, new Vec(4, 0)), 0.2, Ink.CHALK, List.of(), true);
        List<Shape> faint = Shape.faint(List.of(stroke));
        assertFalse(((Shape.Stroke) ((Shape.Faint) faint.get(0)).of()).chalked());
        assertEquals(Ink.CHALK, faint.get(0).ink());
        assertEquals(Extent.of(List.of(stroke)), Extent.of(faint));
        assertEquals(faint, Shape.faint(faint));
    }

    @Test
    void differencesAreRingedWhereTheyAreAndCrossedWhereTheyWere() {
        Stage below = new Stages()
                .player("7", 0, 0)
                .piece(Piece.Item.cone("c1", new Vec(5, 5), Colour.RED))
                .piece(Piece.Item.cone("c2", new Vec(9, 9), Colour.RED))
                .build();
        Stage here = new Stages()
                .player("7", 0, 0)
                .piece(Piece.Item.cone("c1", new Vec(5, -5), Colour.RED))
                .player("4", 8, 0, Bib.SKY)
                .build();
        List<Shape> over = DifferenceShapes.over(board(below, Choices.NONE), board(here, Choices.NONE));
        // A way and a ring for what moved, a ring for who is new, two strokes for what is gone.
        assertEquals(
                List.of(Ink.ASK, Ink.ASK, Ink.ASK, Ink.BAD, Ink.BAD),
                over.stream().map(Shape::ink).toList());
        Box gone = Extent.of(over.subList(3, 5)).orElseThrow();
        assertEquals(9, gone.centre().x(), 1e-6);
        assertEquals(9, gone.centre().y(), 1e-6);
        assertTrue(DifferenceShapes.under(board(below, Choices.NONE), board(here, Choices.NONE)).stream()
                .allMatch(Shape.Faint.class::isInstance));
        assertEquals(List.of(), DifferenceShapes.over(board(here, Choices.NONE), board(here, Choices.NONE)));
    }

    @Test
    void aFrozenBoardIsVeiledWithWhatMattersOnTopAndTheAnswerInItsColours() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 10, 0)
                .player("4", 5, 0.5, Bib.SKY)
                .ball("b", "7")
                .build();
        Timeline timeline = Rehearsal.of(stage, Stages.TURF);
        Freeze freeze = new Freeze(
                "f", Cue.whistle(), "?", "", List.of(Sign.of(Sign.Kind.LANE, List.of(Spot.at("7"), Spot.at("9")))));
        List<Shape> dimmed = AnswerShapes.dimmed(board(stage, Choices.NONE), 0, Set.of("7"));
        assertEquals(Ink.VEIL, dimmed.get(0).ink());
        assertTrue(dimmed.size() > 1);
        List<Shape> answer = AnswerShapes.of(Answer.of(freeze, stage, timeline, Stages.TURF, Unit.METRES), FRAME);
        assertTrue(answer.stream().anyMatch(s -> s.ink() == Ink.BAD)
                && answer.stream().noneMatch(s -> s.ink() == Ink.GOOD));
        assertTrue(answer.stream()
                .anyMatch(s -> s instanceof Shape.Label l && l.text().startsWith("shut, 4 is")));
    }
}

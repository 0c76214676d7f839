package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.rehearsal.Rehearsal;

/** Words as people say them: no per cents, no plural of one, one cause for one thing. */
class PlainWordsTest {

    private static Script script(Stage stage) {
        return ScriptWriter.write(stage, Rehearsal.of(stage, Stages.TURF), Stages.TURF, Unit.METRES);
    }

    private static String told(Stage stage) {
        return script(stage).lines().stream().map(Script.Line::text).collect(Collectors.joining("\n"));
    }

    @Test
    void sharesAreSaidAsPartsAndNeverAsPerCents() {
        for (int percent = 1; percent < 100; percent++) {
            Stage stage = new Stages()
                    .player("7", 0, 0)
                    .player("9", 0, 9)
                    .run("a1", "7", Cue.whistle(), 20, 3)
                    .run("a2", "9", new Cue(new Cue.Partway("a1", percent / 100.0), 0), 10, 9)
                    .build();
            assertFalse(told(stage).contains("%"), told(stage));
        }
        Words words = new Words(Stages.TURF);
        assertEquals(
                List.of("a quarter", "a third", "half", "two thirds", "three quarters", "nine tenths"),
                List.of(0.25, 0.33, 0.5, 0.66, 0.75, 0.97).stream()
                        .map(words::share)
                        .toList());
    }

    @Test
    void oneCauseOfTwoPathsIsOneInWords() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 10, 9)
                .player("4", -9, 9)
                .ball("b", "7")
                .pass("a1", "7", "9", Cue.whistle())
                .run(
                        "a2",
                        "4",
                        new Cue(new Cue.FirstOf(List.of(new Cue.Received("a1"), new Cue.Received("a1"))), 0),
                        0,
                        9)
                .build();
        assertEquals(
                "As 9 receives, 4 runs 9 m", told(stage).lines().toList().get(1).substring(0, 25));
    }

    /** Both go on at the same moment, each after what is their own. */
    @Test
    void nextIsEachPersonsOwn() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 9)
                .run("a1", "7", Cue.whistle(), 6, 0)
                .run("b1", "9", Cue.whistle(), 6, 9)
                .run("a2", "7", Cue.next(), 6, -5)
                .run("b2", "9", Cue.next(), 6, 14)
                .build();
        String second = told(stage).lines().toList().get(1);
        assertTrue(second.startsWith("When 7 and 9 get there: 7 runs 5 m "), second);
        assertTrue(second.contains(" and 9 runs 5 m "), second);
    }

    @Test
    void whatIsWrittenOnThingsIsQuotedWhenItIsMoreThanASign() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .piece(Piece.Item.cone("c1", new Vec(12, 4), Colour.GREEN).withLabel("turn here"))
                .piece(Piece.Item.cone("c2", new Vec(0, 14), Colour.GREEN).withLabel("B"))
                .piece(new Piece.Zone("z1", new Vec(-12, 0), new Outline.Circle(4), "no one in here", Colour.BLUE))
                .run("a1", "7", Cue.whistle(), 12, 4)
                .run("a2", "7", Cue.next(), 0, 14)
                .say(new Limit.OnlyIn("l1", "z1", new Whom.People(List.of())))
                .build();
        String told = told(stage);
        assertEquals(
                "Nobody may enter “no one in here”.",
                script(stage).limits().get(0).text());
        assertEquals(
                List.of(
                        "On the whistle, 7 runs 12 m to the green cone “turn here”.",
                        "Then 7 runs 15 m to the green cone B."),
                told.lines().toList());
    }

    @Test
    void oneIsNotSeveralAndSeveralHaveTheirPlural() {
        assertEquals("boxes", PieceWords.several("box"));
        assertEquals("tackle bags", PieceWords.several("tackle bag"));
        assertEquals("0.5 pace", new Units(Unit.METRES, 0.8).paces(0.4));
        assertEquals("1.5 paces", new Units(Unit.METRES, 0.8).paces(1.2));
        Stage stage = new Stages()
                .player("7", 0, 0)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 2, 0)
                .say(Limit.Count.atMost("l1", Limit.Counted.DRIBBLES, 0, Whom.everybody()))
                .build();
        String message = Rehearsal.of(stage, Stages.TURF).problems().get(0).message();
        assertEquals("7 needs 1 dribble and may have 0", message.substring(0, 32));
    }

    @Test
    void paceIsAPartToo() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .travel(new Travel.Run("a1", "7", Stages.path(false, 10, 0), Gait.RUN, Ending.STOP, Cue.whistle())
                        .withGoing(Going.of(Gait.RUN).paced(0.6)))
                .build();
        assertEquals(
                "On the whistle, 7 runs 10 m at three fifths of full pace",
                told(stage).substring(0, 56));
    }

    @Test
    void climbingGoesOnAfterWhen() {
        assertEquals(
                "the ball never stops",
                RungPlan.USUAL.climbing("The ball never stops.").climbWords());
        assertEquals("GK saves two", RungPlan.USUAL.climbing("GK saves two").climbWords());
    }
}

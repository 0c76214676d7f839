package wildchalk.core.stroke;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.timeline.Timeline;

class CountedCuesTest {

    private static final Stage STAGE = new Stages()
            .player("7", 0, 0)
            .player("9", -10, 4)
            .piece(new Piece.Coach("c", new Vec(0, 9), 0, "C"))
            .action(new Action.Call("k", "c", "turn", Cue.whistle()))
            .run("r", "7", Cue.next(), 5, 5)
            .run("n", "9", Cue.whistle(), 5, 9)
            .build();

    private static List<String> words(List<Cue> cues) {
        Timeline t = Rehearsal.of(STAGE, Stages.TURF);
        return cues.stream()
                .map(c -> {
                    Action tied = STAGE.action("n").orElseThrow().withCue(c);
                    return ScriptWriter.cue(STAGE.withAction(tied), t, Stages.TURF, tied);
                })
                .toList();
    }

    @Test
    void everyTimeThatCanBeMeantIsSaidInItsOwnWords() {
        Cue called = CountedCues.called(STAGE).get(0);
        assertEquals(
                List.of(
                        "on the call “turn”",
                        "on the first call “turn”",
                        "on the second call “turn”",
                        "on the third call “turn”",
                        "on the fourth call “turn”",
                        "on the fifth call “turn”"),
                words(CountedCues.times(called)));
        assertEquals(
                "as 7 touches the ball for the second time",
                words(CountedCues.times(CountedCues.touches(STAGE.action("n").orElseThrow(), STAGE)
                                .get(0)))
                        .get(2));
    }

    @Test
    void whichWayAndSinceWhenCanBeSaid() {
        Cue crosses = CountedCues.crosses("7", Stages.TURF).get(0);
        assertEquals(
                List.of(
                        "as 7 crosses the halfway line",
                        "as 7 crosses the halfway line going up",
                        "as 7 crosses the halfway line coming back",
                        "as 7 crosses the halfway line to the left",
                        "as 7 crosses the halfway line to the right"),
                words(CountedCues.headings(crosses)));
        assertEquals(
                List.of(
                        "as 7 crosses the halfway line for the first time",
                        "as 7 crosses the halfway line, after 7 gets there"),
                words(CountedCues.since(crosses, STAGE.action("n").orElseThrow(), STAGE)));
        assertTrue(CountedCues.headings(CountedCues.called(STAGE).get(0)).isEmpty());
    }

    @Test
    void whatComesOnceIsNotCounted() {
        assertFalse(CountedCues.canBeCounted(new Cue.Whistle()));
        assertFalse(CountedCues.canBeCounted(new Cue.After("r")));
        assertTrue(CountedCues.canBeCounted(
                CountedCues.times(CountedCues.called(STAGE).get(0)).get(3).trigger()));
    }
}

package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Bib;
import wildchalk.core.drill.Colour;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.rehearsal.Rehearsal;

class DifferencesTest {

    private static Stages start() {
        return new Stages()
                .player("7", 0, 0)
                .player("9", 10, 0)
                .ball("b1", "7")
                .piece(Piece.Item.cone("c1", new Vec(5, 5), Colour.YELLOW))
                .pass("a1", "7", "9", Cue.whistle())
                .carry("a2", "9", Cue.received("a1"), 20, 0);
    }

    private static List<String> words(Stage below, Stage here) {
        return Differences.of(below, here, Rehearsal.of(here, Stages.TURF), Stages.TURF, Unit.METRES);
    }

    @Test
    void sameStageDiffersInNothing() {
        assertEquals(List.of(), words(start().build(), start().build()));
    }

    @Test
    void somebodyNewIsSaidWithWhatSetsThemOff() {
        Stage chased = start().player("4", 5, 10, Bib.SKY)
                .run("a3", "4", Cue.received("a1"), 15, 3)
                .build();
        assertEquals(List.of("+ player 4, starts as 9 receives"), words(start().build(), chased));
        assertEquals(List.of("− player 4"), words(chased, start().build()), "what they did goes with them");
    }

    @Test
    void gearIsCountedAndWhatIsMovedIsMeasured() {
        Stage below = start().build();
        Stage more = below.withPiece(Piece.Item.cone("c2", new Vec(8, 5), Colour.RED))
                .withPiece(Piece.Item.cone("c3", new Vec(9, 5), Colour.RED))
                .withPiece(below.piece("c1").orElseThrow().movedTo(new Vec(5, 8)));
        assertEquals(List.of("+ 2 red cones", "yellow cone moved 3.0 m"), words(below, more));
    }

    @Test
    void severalOfAKindAreSaidInThePlural() {
        assertEquals("yellow cones", PieceWords.several("yellow cone"));
        assertEquals("ball supplies", PieceWords.several("ball supply"));
        assertEquals("line-ups of feeders", PieceWords.several("line-up of feeders"));
        assertEquals("coaches", PieceWords.several("coach"));
    }

    @Test
    void whatIsDoneOtherwiseIsSaid() {
        Stage below = start().build();
        Action carry = below.action("a2").orElseThrow();
        assertEquals(
                List.of("9's carry starts on the whistle"),
                words(below, below.withAction(carry.withCue(Cue.whistle()))));
        Stage shot = below.withAction(
                new Action.Shot("a4", "9", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.next()));
        assertEquals(List.of("+ 9's shot"), words(below, shot));
        assertEquals(List.of("− 9's shot"), words(shot, below));
        assertEquals(
                List.of("9's carry becomes run"),
                words(
                        below,
                        below.withAction(new Travel.Run(
                                "a2",
                                "9",
                                ((Travel) carry).path(),
                                Action.Gait.RUN,
                                Action.Ending.GO_ON,
                                carry.cue()))));
    }
}

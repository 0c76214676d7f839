package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

class ScriptTest {

    private static List<String> words(Stage stage, Surface surface) {
        return ScriptWriter.write(stage, Rehearsal.of(stage, surface), surface, Unit.METRES).lines().stream()
                .map(Script.Line::text)
                .toList();
    }

    @Test
    void saysWhoDoesWhatOnWhichCue() {
        Stage stage = new Stages()
                .player("1", 0, 0)
                .player("2", 12, 0)
                .player("3", 10, 10)
                .ball("b1", "1")
                .pass("a1", "1", "2", Cue.whistle())
                .carry("a2", "2", Cue.received("a1"), 39.4, 0)
                .run("a3", "3", Cue.received("a1"), 20, 20)
                .shot("a4", "2", Cue.next())
                .build();
        assertEquals(
                List.of(
                        "On the whistle, 1 passes 12 m to 2.",
                        "As 2 receives: 2 carries the ball 27 m to the penalty spot and 3 runs 14 m forwards to the right.",
                        "Then 2 shoots at the goal from 6 m."),
                words(stage, Stages.TURF));
    }

    @Test
    void speaksTheSportsOwnWords() {
        Stage stage = new Stages()
                .player("8", 0, 0)
                .ball("b1", "8")
                .travel(new Travel.Run("a1", "8", Stages.path(false, 0, 8), Gait.BACK, Ending.STOP, Cue.whistle()))
                .shot("a2", "8", Cue.next().delayed(1))
                .build();
        assertEquals(
                List.of(
                        "On the whistle, 8 skates backward 8 m and stops.",
                        "A second later, 8 shoots at the net from 28 m."),
                words(stage, Surfaces.BUILT_IN.get("ice-rink-na")));
    }

    @Test
    void namesGatesAndGear() {
        Stage stage = new Stages()
                .player("1", 0, 0)
                .piece(Piece.Item.cone("c1", new Vec(5, -1.5), Colour.YELLOW))
                .piece(Piece.Item.cone("c2", new Vec(5, 1.5), Colour.YELLOW))
                .piece(Piece.Item.cone("c3", new Vec(12, 0), Colour.BLUE))
                .run("a1", "1", Cue.whistle(), 12, 0)
                .build();
        assertEquals(
                List.of("On the whistle, 1 runs 12 m through the yellow gate to the blue cone."),
                words(stage, Stages.TURF));
    }

    @Test
    void saysThatAPassIsMetOnTheRunOrPlayedFirstTime() {
        Stage stage = new Stages()
                .player("1", 0, 0)
                .player("2", 15, -5)
                .player("3", 25, 0)
                .ball("b1", "1")
                .run("a1", "2", Cue.whistle(), 15, 20)
                .pass("a2", "1", "2", Cue.whistle().delayed(0.5))
                .firstTime("a3", "2", "3", Cue.received("a2"))
                .build();
        List<String> words = words(stage, Stages.TURF);
        assertTrue(words.get(0).contains("to 2, on the run"), words.get(0));
        assertTrue(words.get(1).contains("2 passes first time"), words.get(1));
    }

    @Test
    void everyPhraseKnowsWhatItIsAbout() {
        Stage stage = new Stages()
                .player("1", 0, 0)
                .player("2", 12, 0)
                .ball("b1", "1")
                .pass("a1", "1", "2", Cue.whistle())
                .build();
        Script script = ScriptWriter.write(stage, Rehearsal.of(stage, Stages.TURF), Stages.TURF, Unit.METRES);
        List<Script.Phrase> people = script.lines().get(0).phrases().stream()
                .filter(p -> p.part() == Script.Part.WHO)
                .toList();
        assertEquals(
                List.of("1", "2"), people.stream().map(Script.Phrase::piece).toList());
        assertTrue(people.stream().allMatch(p -> p.action().equals("a1")));
    }

    @Test
    void countsWhatIsNeeded() {
        Stage stage = new Stages()
                .player("1", 0, 0)
                .ball("b1", "1")
                .piece(new Piece.LineUp("l1", Vec.ZERO, 0, "F", Bib.MINT, 3, "feeders"))
                .piece(Piece.Item.cone("c1", Vec.ZERO, Colour.RED))
                .build();
        assertEquals(List.of("5 players", "1 cone", "1 puck"), Counts.of(stage, Surfaces.BUILT_IN.get("ice-rink-na")));
    }

    @Test
    void lengthsAreSaidAsACoachSaysThem() {
        assertEquals("22 m", Unit.METRES.spoken(21.7));
        assertEquals("2.5 m", Unit.METRES.spoken(2.4));
        assertEquals("24 yd", Unit.YARDS.spoken(22));
        assertEquals("18.0 m", Unit.METRES.exact(18.04));
    }
}

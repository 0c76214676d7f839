package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** Two teams that go opposite ways: each shoots at the goal, and has its own behind it. */
class SidesTest {

    private static final Surface COURT = Surfaces.BUILT_IN.get("handball");

    private static Stages both() {
        return new Stages()
                .player("5", 4, 2)
                .player("8", -4, -2, Bib.SKY)
                .player("9", 0, 5, Bib.SKY)
                .ball("b", "5")
                .ball("c", "8")
                .action(new Action.Shot("a1", "5", new Spot.AtTarget("goal"), Touch.CONTROLLED, Cue.whistle()))
                .action(new Action.Shot("a2", "8", new Spot.AtTarget("own-goal"), Touch.CONTROLLED, Cue.whistle()));
    }

    private static List<String> words(Stage stage) {
        return ScriptWriter.write(stage, Rehearsal.of(stage, COURT), COURT, Unit.METRES).lines().stream()
                .map(Script.Line::text)
                .toList();
    }

    @Test
    void eachTeamShootsAtTheGoal() {
        Stage stage = both().build();
        String words = words(stage).get(0);
        assertTrue(words.contains("5 shoots at the goal"), words);
        assertTrue(words.contains("8 shoots at the goal"), words);
        assertFalse(words.contains("own"), words);
    }

    @Test
    void leftAndAheadAreAsTheySeeThem() {
        Stage ahead = both().run("a3", "5", Cue.next(), 13, -1).build();
        Stage turned = both().run("a3", "8", Cue.next(), -13, 1).build();
        String one = words(ahead).get(1).replace("5", "X");
        String two = words(turned).get(1).replace("8", "X");
        assertEquals(one, two, "the same seen from the other end");
    }

    @Test
    void headingIsTheirs() {
        Stage stage = both().run("a3", "9", Cue.whistle(), -15, 5)
                .run("a4", "5", new Cue(new Cue.Crosses("9", "halfway-line", Cue.Crosses.Heading.DOWN), 0), 10, -5)
                .build();
        String cue = ScriptWriter.cue(
                stage, Rehearsal.of(stage, COURT), COURT, stage.action("a4").orElseThrow());
        Stage other = both().run("a3", "5", Cue.whistle(), 15, 5)
                .run("a4", "9", new Cue(new Cue.Crosses("5", "halfway-line", Cue.Crosses.Heading.UP), 0), 10, -5)
                .build();
        String same = ScriptWriter.cue(
                other, Rehearsal.of(other, COURT), COURT, other.action("a4").orElseThrow());
        assertEquals(same.replace("5", "X"), cue.replace("9", "X"));
    }

    @Test
    void whoShootsAtBothOrNeitherSeesPlacesAsTheSurfaceNamesThem() {
        Stage stage = both().action(new Action.Shot("a3", "8", new Spot.AtTarget("goal"), Touch.CONTROLLED, Cue.next()))
                .build();
        assertTrue(words(stage).get(0).contains("8 shoots at their own goal"), () -> words(stage)
                .get(0));
    }

    /** 8 runs to the same place before and after the teams have changed ends. */
    @Test
    void afterAChangeOfEndsPlacesAreSeenFromTheOtherSide() {
        Stages stages = both().run("a3", "9", Cue.whistle(), -13, 1)
                .run("a4", "9", Cue.next(), 0, 5)
                .run("a5", "9", Cue.next(), -13, 1);
        List<String> same = words(stages.build());
        Stage stage = stages.say(new Instruction.Attacks("e1", Bib.SKY, End.GOAL, Optional.of(Cue.after("a3"))))
                .build();
        List<String> changed = words(stage);
        assertEquals(same.get(0), changed.get(0), "as before until then");
        assertNotEquals(same.get(2), changed.get(2), "not from then on");
        Script script = ScriptWriter.write(stage, Rehearsal.of(stage, COURT), COURT, Unit.METRES);
        String said = script.limits().get(0).text();
        assertEquals("When 9 gets there, sky change ends.", said);
    }
}

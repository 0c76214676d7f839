package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.effort.Effort.Level;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** Numbers that follow the age: they are those of whoever plays the drill. */
class GivenEditsTest {

    private static Drill drill() {
        return Stages.drill(new Stages()
                .player("7", 0, 0)
                .player("4", 20, 0)
                .say(Limit.Count.atMost("l1", Limit.Counted.TOUCHES, 2, Whom.everybody()))
                .say(new Given.ByAge("k1", "l1", Optional.empty(), Map.of(Level.UNDER_10, 5.0, Level.UNDER_14, 3.0)))
                .say(new Given.ByAge("k2", "4", Optional.of("7"), Map.of(Level.UNDER_10, 8.0)))
                .build());
    }

    private static Drill played(Drill drill, Level level) {
        return GivenEdits.played(level, Stages.TURF).apply(drill);
    }

    private static int touches(Stage stage) {
        return stage.instructions(Limit.Count.class).get(0).n();
    }

    private static double off(Stage stage, String from) {
        return stage.piece("4")
                .map(Piece::at)
                .orElseThrow()
                .distance(stage.piece(from).orElseThrow().at());
    }

    @Test
    void whoPlaysItHasTheirNumbers() {
        Stage ten = Ladder.build(played(drill(), Level.UNDER_10), "s1");
        assertEquals(5, touches(ten));
        assertEquals(8, off(ten, "7"), 1e-9);
        Stage fourteen = Ladder.build(played(drill(), Level.UNDER_14), "s1");
        assertEquals(3, touches(fourteen));
        assertEquals(20, off(fourteen, "7"), 1e-9, "of an age that has no number it stays as it is");
    }

    @Test
    void theyFollowOnEveryRungAndBackAgain() {
        Drill two = drill().withLadder(List.of(
                drill().ladder().get(0),
                Rung.from("s1", "s2", "Harder", drill().ladder().get(0).plan())));
        Drill ten = played(two, Level.UNDER_10);
        for (String rung : new String[] {"s1", "s2"}) {
            assertEquals(5, touches(Ladder.build(ten, rung)), rung);
            assertEquals(8, off(Ladder.build(ten, rung), "7"), 1e-9, rung);
        }
        assertEquals(3, touches(Ladder.build(played(ten, Level.UNDER_14), "s2")));
    }

    @Test
    void aNewNumberForThoseWhoPlayItHoldsAtOnce() {
        Drill ten = played(drill(), Level.UNDER_10);
        Given.ByAge four =
                Ladder.build(ten, "s1").instructions(Given.ByAge.class).get(0).step(Level.UNDER_10, Optional.of(4.0));
        assertEquals(
                4,
                touches(Ladder.build(GivenEdits.change("s1", four, Stages.TURF).apply(ten), "s1")));
        // For others it is only said.
        assertEquals(
                2,
                touches(Ladder.build(GivenEdits.change("s1", four, Stages.TURF).apply(drill()), "s1")));
    }

    @Test
    void distancesAreFromGoalsToo() {
        Surface.Target goal = Stages.TURF.targets().get(0);
        Stage stage = Ladder.build(drill(), "s1")
                .saying(new Given.ByAge("k2", "4", Optional.of(goal.id()), Map.of(Level.UNDER_10, 11.0)));
        Vec at = Ladder.build(played(Stages.drill(stage), Level.UNDER_10), "s1")
                .piece("4")
                .orElseThrow()
                .at();
        assertEquals(11, at.distance(goal.at()), 1e-9);
    }

    @Test
    void whatIsNoNumberIsNone() {
        assertEquals(Optional.of(2.5), GivenEdits.number(" 2,5 ", false));
        assertEquals(Optional.empty(), GivenEdits.number("2.5", true));
        for (String text : new String[] {"", "many", "-1", "NaN", "Infinity", "1e9"}) {
            assertEquals(Optional.empty(), GivenEdits.number(text, false), text);
        }
        Drill same = Stages.drill(new Stages().player("7", 0, 0).build());
        assertSame(same.ladder(), played(same, Level.UNDER_10).ladder());
    }
}

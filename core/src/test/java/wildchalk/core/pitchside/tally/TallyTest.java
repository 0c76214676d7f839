package wildchalk.core.pitchside.tally;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.pitchside.Course;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Machine;
import wildchalk.core.pitchside.Run;
import wildchalk.core.pitchside.Stretch;
import wildchalk.core.score.Counter;
import wildchalk.core.score.Scoring;

/** Games scored by hand. */
class TallyTest {

    private static final List<String> GROUPS = List.of("coral", "sky", "lemon");

    private Run run = Run.of(new Course(List.of(new Stretch("b1", Stretch.Kind.PLAY, "", 60_000))));

    private void count(String counter, String who, int by) {
        run = Machine.deed(run, new Deed.Counted(counter, who, by)).run();
    }

    private List<Integer> points(Scoring scoring) {
        Tally tally = Tally.of(scoring, GROUPS, run, "b1");
        return GROUPS.stream().map(g -> tally.by().get(g).points()).toList();
    }

    @Test
    void deedsOfDifferentWorthWithATie() {
        Scoring scoring = new Scoring(
                List.of(
                        new Counter("far", "into the far half", Counter.Way.EACH, 3),
                        new Counter("gate", "through a gate", Counter.Way.EACH, 4)),
                false);
        assertEquals(List.of(), Tally.of(scoring, GROUPS, run, "b1").leaders(), "nobody leads what has not begun");
        count("far", "coral", 1);
        count("far", "coral", 1);
        count("gate", "sky", 1);
        count("far", "coral", 1);
        assertEquals(List.of(9, 4, 0), points(scoring));
        assertEquals(List.of("coral"), Tally.of(scoring, GROUPS, run, "b1").leaders());
        // The last one was none.
        run = Machine.takenBack(run);
        count("far", "lemon", 1);
        count("far", "lemon", 1);
        assertEquals(List.of(6, 4, 6), points(scoring));
        assertEquals(
                List.of("coral", "lemon"), Tally.of(scoring, GROUPS, run, "b1").leaders(), "a tie is a tie");
        count("far", "coral", -1);
        assertEquals(List.of(3, 4, 6), points(scoring));
    }

    @Test
    void whatMustFollowAnotherDeedCountsOncePerDeed() {
        Counter gate = new Counter("gate", "gate", Counter.Way.EACH, 2, "switch", false);
        Scoring scoring = new Scoring(List.of(new Counter("switch", "switch", Counter.Way.EACH, 1), gate), false);
        assertFalse(Tally.wouldCount(scoring, "coral", gate, run, "b1"));
        count("gate", "coral", 1);
        assertEquals(List.of(0, 0, 0), points(scoring));
        count("switch", "sky", 1);
        assertFalse(Tally.wouldCount(scoring, "coral", gate, run, "b1"), "another's switch is no help");
        count("switch", "coral", 1);
        assertTrue(Tally.wouldCount(scoring, "coral", gate, run, "b1"));
        count("gate", "coral", 1);
        assertEquals(List.of(3, 1, 0), points(scoring));
        count("gate", "coral", 1);
        assertEquals(List.of(3, 1, 0), points(scoring), "one switch, one gate");
    }

    @Test
    void whatIsAgainstGoesToTheOthersAndTheBetterHalfWins() {
        Scoring scoring = new Scoring(
                List.of(
                        new Counter("goal", "goal", Counter.Way.EACH, 1),
                        new Counter("own", "own goal", Counter.Way.EACH, 1, "", true)),
                false,
                false,
                5,
                "",
                "");
        count("own", "coral", 1);
        assertEquals(List.of(0, 1, 1), points(scoring));
        count("goal", "sky", 1);
        assertEquals(Optional.empty(), Tally.of(scoring, GROUPS, run, "b1").won());
        count("goal", "sky", 1);
        assertEquals(Optional.of("sky"), Tally.of(scoring, GROUPS, run, "b1").won(), "three of five");
    }

    @Test
    void fewestAgainstWins() {
        Scoring scoring = new Scoring(List.of(new Counter("against", "let in", Counter.Way.EACH, 1)), true);
        count("against", "coral", 1);
        count("against", "sky", 1);
        count("against", "coral", 1);
        assertEquals(List.of("lemon"), Tally.of(scoring, GROUPS, run, "b1").leaders());
        count("against", "lemon", 1);
        assertEquals(
                List.of("sky", "lemon"), Tally.of(scoring, GROUPS, run, "b1").leaders());
    }

    @Test
    void streaksStartOverOrCountOn() {
        Scoring over = new Scoring(List.of(new Counter("s", "without a drop", Counter.Way.STREAK, 1)), false);
        Scoring on = new Scoring(List.of(new Counter("s", "catches", Counter.Way.STREAK_ON, 1)), false);
        for (int by : new int[] {1, 1, 1, -1, 1, 1}) {
            count("s", "coral", by);
        }
        Tally.Count strict =
                Tally.of(over, GROUPS, run, "b1").by().get("coral").counts().get("s");
        assertEquals(List.of(2, 3), List.of(strict.now(), strict.best()));
        assertEquals(List.of(3, 0, 0), points(over));
        Tally.Count kind =
                Tally.of(on, GROUPS, run, "b1").by().get("coral").counts().get("s");
        assertEquals(List.of(5, 5), List.of(kind.now(), kind.best()));
        assertEquals(List.of(5, 0, 0), points(on));
    }

    @Test
    void madeOfTries() {
        Scoring scoring = new Scoring(List.of(new Counter("t", "from the line", Counter.Way.TRIES, 2)), false);
        for (int by : new int[] {1, -1, 1, 1, -1, 1}) {
            count("t", "sky", by);
        }
        Tally.Count count =
                Tally.of(scoring, GROUPS, run, "b1").by().get("sky").counts().get("t");
        assertEquals(List.of(4, 6), List.of(count.made(), count.tries()));
        assertEquals(List.of(0, 8, 0), points(scoring));
        count("unknown", "sky", 1);
        assertEquals(List.of(0, 8, 0), points(scoring), "what nobody counts is worth nothing");
    }

    @Test
    void theFastestIsInFrontWhereOnlyTheStopwatchCounts() {
        Scoring race = new Scoring(List.of(new Counter("s", "slalom", Counter.Way.TIMED, 1)), false);
        run = Machine.deed(run, new Deed.Timed("s", "sky", 0, List.of(4100L, 8200L)))
                .run();
        run = Machine.deed(run, new Deed.Timed("s", "coral", 0, List.of(8900L))).run();
        run = Machine.deed(run, new Deed.Timed("s", "coral", 0, List.of(8200L))).run();
        Tally tally = Tally.of(race, GROUPS, run, "b1");
        assertEquals(List.of("coral", "sky"), tally.leaders(), "a tie is a tie");
        assertEquals(8200, tally.by().get("coral").of("s").fastest().orElseThrow());
        assertEquals(
                List.of(4100L, 8200L),
                tally.by().get("sky").of("s").times().get(0).splits());
        assertEquals(List.of(0, 0, 0), points(race));
        run = Machine.takenBack(run);
        assertEquals(List.of("sky"), Tally.of(race, GROUPS, run, "b1").leaders());
    }

    @Test
    void eachBlockHasItsOwnGame() {
        run = Run.of(new Course(List.of(
                new Stretch("b1", Stretch.Kind.PLAY, "", 60_000), new Stretch("b2", Stretch.Kind.PLAY, "", 60_000))));
        Scoring scoring = new Scoring(List.of(new Counter("g", "goal", Counter.Way.EACH, 1)), false);
        count("g", "sky", 1);
        run = Machine.deed(run, new Deed.Next()).run();
        count("g", "coral", 1);
        assertEquals(List.of(0, 1, 0), points(scoring));
        Tally second = Tally.of(scoring, GROUPS, run, "b2");
        assertEquals(1, second.by().get("coral").points());
        assertEquals(0, second.by().get("sky").points());
    }
}

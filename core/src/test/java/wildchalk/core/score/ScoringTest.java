package wildchalk.core.score;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.call.Calling;

/** What a coach writes down of what counts. */
class ScoringTest {

    private static Scoring read(String typed) {
        return Scoring.read(typed).orElseThrow();
    }

    @Test
    void whatCountsAndHowMuch() {
        Scoring scoring = read("into the far half 3, own goal -2, header; limit 9 s, then it is lost; forfeit one lap");
        assertEquals(
                List.of(
                        new Counter("into-the-far-half", "into the far half", Counter.Way.EACH, 3),
                        new Counter("own-goal", "own goal", Counter.Way.EACH, -2),
                        new Counter("header", "header", Counter.Way.EACH, 1)),
                scoring.counters());
        assertEquals("9 s, then it is lost", scoring.limit());
        assertEquals("one lap", scoring.forfeit());
        assertTrue(read("let in, fewest wins").fewest());
    }

    @Test
    void otherWaysOfCounting() {
        List<Counter.Way> ways = read(
                        "catches in a row, kicks in a row counting on 2, free throws made or missed, slalom on the clock")
                .counters()
                .stream()
                .map(Counter::way)
                .toList();
        assertEquals(List.of(Counter.Way.STREAK, Counter.Way.STREAK_ON, Counter.Way.TRIES, Counter.Way.TIMED), ways);
    }

    @Test
    void idsStayWhenSomethingIsAddedAndAreNeverTwice() {
        assertEquals("gate", read("gate").counters().get(0).id());
        assertEquals("gate", read("header, gate").counters().get(1).id());
        assertEquals(
                List.of("gate", "gate-2"),
                read("gate, gate 5").counters().stream().map(Counter::id).toList());
    }

    @Test
    void whatCannotBeCountedAndTooMuch() {
        assertTrue(Scoring.read("").isEmpty());
        assertTrue(Scoring.read(" ; , ").isEmpty());
        assertTrue(Scoring.read("fewest wins").isEmpty());
        assertEquals(List.of(), read("limit 8 s").counters(), "a limit alone is something to keep to");
        assertEquals(
                Scoring.MOST, read("a, b, c, d, e, f, g, h, i, j, k").counters().size());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "far half 3, through a gate 4",
                "catches in a row, fewest wins",
                "free throws made or missed 2; limit 8 s; forfeit two lengths",
                "slalom on the clock",
                "let in, fewest wins; forfeit the bibs",
                "under 12 1",
                "laps, fewest wins, each for themselves; limit a minute",
            })
    void writtenAgainItReadsTheSame(String typed) {
        assertEquals(read(typed), read(read(typed).words()));
        assertEquals(typed, read(typed).words());
    }

    @Test
    void whatIsNotSaidIsAsBelow() {
        Aloud here = new Aloud(Optional.empty(), Scoring.read("gate"));
        Aloud below = new Aloud(Calling.read("colours"), Scoring.read("goal"));
        assertEquals(new Aloud(Calling.read("colours"), Scoring.read("gate")), here.or(below));
    }

    @Test
    void whatOnlyCountsAfterSomethingElseAndForWhom() {
        String typed = "switch, gate only after switch 2, lost ball against, best of 9";
        Scoring scoring = read(typed);
        assertEquals(
                List.of(
                        new Counter("switch", "switch", Counter.Way.EACH, 1),
                        new Counter("gate", "gate", Counter.Way.EACH, 2, "switch", false),
                        new Counter("lost-ball", "lost ball", Counter.Way.EACH, 1, "", true)),
                scoring.counters());
        assertEquals(9, scoring.bestOf());
        assertEquals(typed, scoring.words());
        assertEquals(scoring, read(scoring.words()));
    }
}

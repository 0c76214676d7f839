package wildchalk.core.show;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.show.Stop.Kind;

class TourTest {

    private static Drill drill() {
        Read read = new Read(
                "r1",
                "7",
                List.of(new Option("o1", "pass", "", List.of("a2")), new Option("o2", "go", "", List.of("a3", "a4"))),
                Optional.empty());
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 15, 0)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 5, 0)
                .pass("a2", "7", "9", Cue.after("a1"))
                .carry("a3", "7", Cue.after("a1"), 12, 4)
                .shot("a4", "7", Cue.next())
                .say(read)
                .say(new Freeze("f1", Cue.received("a2"), "What now?", "Go"))
                .build();
        Drill drill = Ladder.put(Drill.empty("d", "D", "field-hockey", "whole"), stage);
        return LadderEdits.harder(drill, "s1").edit().apply(drill);
    }

    private static List<Kind> kinds(Tour from) {
        List<Kind> kinds = new ArrayList<>(List.of(from.stop().kind()));
        for (Tour at = from; !at.isLast(); at = at.next()) {
            kinds.add(at.next().stop().kind());
        }
        return kinds;
    }

    @Test
    void itGoesThroughEveryRungToTheEndAndBack() {
        Tour tour = Tour.of(drill(), "s1");
        List<Kind> rung = List.of(Kind.START, Kind.FORK, Kind.QUESTION, Kind.ANSWER, Kind.END);
        List<Kind> both = new ArrayList<>(rung);
        both.addAll(rung);
        assertEquals(both, kinds(tour));
        Tour last = tour;
        for (int i = 0; i < 9; i++) {
            last = last.next();
        }
        assertTrue(last.isLast());
        assertEquals("s2", last.rung().id());
        assertEquals(last.stop(), last.next().stop(), "there is nothing after the end");
        for (int i = 0; i < 9; i++) {
            last = last.back();
        }
        assertEquals(Kind.START, last.stop().kind());
        assertEquals("s1", last.rung().id());
        assertEquals(last.stop(), last.back().stop());
    }

    @Test
    void anOptionIsChosenAtTheForkAndAfterIt() {
        Tour fork = Tour.of(drill(), "s1").next();
        assertEquals(Kind.FORK, fork.stop().kind());
        assertTrue(fork.choose(3).isEmpty());
        assertTrue(Tour.of(drill(), "s1").choose(1).isEmpty(), "nothing is decided yet");
        Tour other = fork.choose(2).orElseThrow();
        assertEquals(Kind.FORK, other.stop().kind());
        // Who goes on another way rounds another corner to it: the fork is not at quite the same moment.
        assertEquals(fork.stop().t(), other.stop().t(), 0.02);
        assertTrue(other.timeline().times("a4").isPresent());
        assertFalse(kinds(other).subList(0, 3).contains(Kind.QUESTION), "nobody receives then");
        Tour later = other.next();
        assertEquals("o1", later.choose(1).orElseThrow().choices().of().get("r1"));
        assertEquals(Kind.FORK, later.choose(1).orElseThrow().stop().kind());
    }

    @Test
    void whatLedHereIsShownFromTheStopBefore() {
        Tour answer = Tour.of(drill(), "s1").next().next().next();
        assertEquals(Kind.ANSWER, answer.stop().kind());
        assertEquals("f1", answer.freeze().orElseThrow().id());
        assertEquals(Tour.of(drill(), "s1").next().stop().t(), answer.before(), 1e-9);
        assertEquals("s2", answer.climb(1).rung().id());
        assertEquals("s1", answer.climb(-3).rung().id());
        assertEquals(Kind.START, answer.restart().stop().kind());
        assertEquals("s1", Tour.of(drill(), "nowhere").rung().id());
    }
}

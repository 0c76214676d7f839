package wildchalk.core.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

class ReadsTest {

    private static final Read OUTER = new Read(
            "r1",
            "7",
            List.of(new Option("pass", "pass", "", List.of("a2")), new Option("shoot", "shoot", "", List.of("a3"))),
            Optional.empty());
    private static final Read INNER = new Read(
            "r2",
            "9",
            List.of(
                    new Option("turn", "turn", "", List.of("a4")),
                    new Option("back", "play back", "", List.of("a5")),
                    new Option("wait", "wait", "", List.of())),
            Optional.of("pass"));

    /** The inner read is said first: the order of saying does not matter. */
    private static Stage nested() {
        return new Stages()
                .player("7", 0, 0)
                .player("9", 15, 5)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 8, 0)
                .pass("a2", "7", "9", Cue.after("a1"))
                .shot("a3", "7", Cue.after("a1"))
                .carry("a4", "9", Cue.received("a2"), 25, 5)
                .pass("a5", "9", "7", Cue.received("a2"))
                .run("a6", "7", Cue.after("a3"), 20, 0)
                .say(INNER)
                .say(OUTER)
                .build();
    }

    @Test
    void firstOptionIsTakenWhenNobodyChooses() {
        assertEquals(Set.of("a3", "a5"), Reads.notTaken(nested(), Choices.NONE));
        assertEquals(Set.of("a2", "a4", "a5"), Reads.notTaken(nested(), Choices.NONE.with("r1", "shoot")));
        assertEquals(Set.of("a3", "a4", "a5"), Reads.notTaken(nested(), Choices.NONE.with("r2", "wait")));
        assertEquals(Optional.empty(), Reads.taken(nested(), Choices.NONE.with("r1", "shoot"), INNER));
    }

    @Test
    void everyWayThroughIsListed() {
        List<Choices> ways = Reads.ways(nested());
        assertEquals(4, ways.size());
        assertTrue(ways.contains(Choices.NONE.with("r1", "shoot")));
        assertTrue(ways.contains(Choices.NONE.with("r1", "pass").with("r2", "back")));
    }

    @Test
    void onlyTheOptionThatIsTakenHappens() {
        Timeline passed = Rehearsal.of(nested(), Stages.TURF);
        assertTrue(passed.times("a4").isPresent());
        assertTrue(passed.times("a3").isEmpty());
        // 7 runs on only after a shot: that is no problem when there is none.
        assertTrue(passed.times("a6").isEmpty());
        // "wait" is empty, which is said of the read; nothing else is wrong.
        assertEquals(
                List.of("r2"), passed.problems().stream().map(Problem::action).toList());
        Timeline shot = Rehearsal.of(nested(), Stages.TURF, Choices.NONE.with("r1", "shoot"));
        assertTrue(shot.times("a3").isPresent());
        assertTrue(shot.times("a6").isPresent());
        assertTrue(shot.times("a2").isEmpty());
        assertEquals(
                List.of("r2"), shot.problems().stream().map(Problem::action).toList());
    }

    @Test
    void readsThatAriseInEachOtherNeverArise() {
        Read one = new Read(
                "r1",
                "7",
                List.of(new Option("a", "", "", List.of("a2")), new Option("b", "", "", List.of())),
                Optional.of("c"));
        Read two = new Read(
                "r2",
                "7",
                List.of(new Option("c", "", "", List.of("a3")), new Option("d", "", "", List.of())),
                Optional.of("a"));
        Stage circle = nested().withInstructions(List.of(one, two));
        assertEquals(Optional.empty(), Reads.taken(circle, Choices.NONE, one));
        assertEquals(List.of(Choices.NONE), Reads.ways(circle));
    }

    private static Stages contest() {
        return new Stages()
                .player("7", -5, 0)
                .player("4", 9, 0)
                .piece(new Piece.Ball("b", Vec.ZERO, Optional.empty()))
                .travel(collect("c7", "7"))
                .travel(collect("c4", "4"))
                .carry("x7", "7", Cue.after("c7"), 10, 0)
                .carry("x4", "4", Cue.after("c4"), -10, 0);
    }

    private static Travel.Collect collect(String id, String who) {
        return new Travel.Collect(
                id, who, new TravelPath(List.of(Spot.at("b")), false), Gait.SPRINT, Ending.STOP, Cue.whistle());
    }

    @Test
    void whoeverGetsThereFirstWinsUnlessChosenOtherwise() {
        Stage stage = contest().build();
        assertEquals(List.of("b"), Reads.of(stage).stream().map(Read::id).toList());
        assertEquals(Optional.empty(), Reads.winner(stage, Choices.NONE, "b"));
        assertEquals("7", toucher(Rehearsal.of(stage, Stages.TURF)));
        assertEquals("4", toucher(Rehearsal.of(stage, Stages.TURF, Choices.NONE.with("b", "4"))));
    }

    @Test
    void readAboutABallSaysWhoWinsItAndWhatFollows() {
        Read read = new Read(
                "r1",
                "b",
                List.of(
                        new Option("four", "4 wins", "", List.of("c4", "x4")),
                        new Option("seven", "7 wins", "", List.of("c7", "x7"))),
                Optional.empty());
        Stage stage = contest().say(read).build();
        Timeline four = Rehearsal.of(stage, Stages.TURF);
        assertEquals("4", toucher(four));
        assertTrue(four.times("c7").isPresent(), "the loser goes for it too");
        assertTrue(four.times("x7").isEmpty());
        assertTrue(four.times("x4").isPresent());
        assertEquals(
                List.of("7"),
                four.events().stream()
                        .filter(e -> e.kind() == Event.Kind.CONTEST)
                        .map(Event::who)
                        .toList());
        assertEquals(List.of(), four.problems());
        assertEquals("7", toucher(Rehearsal.of(stage, Stages.TURF, Choices.NONE.with("r1", "seven"))));
    }

    private static String toucher(Timeline t) {
        return t.events().stream()
                .filter(e -> e.kind() == Event.Kind.TOUCH)
                .map(Event::who)
                .findFirst()
                .orElseThrow();
    }
}

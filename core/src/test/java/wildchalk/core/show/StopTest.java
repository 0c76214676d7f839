package wildchalk.core.show;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Instruction.Rule;
import wildchalk.core.drill.Stage;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.show.Stop.Kind;
import wildchalk.core.timeline.Timeline;

class StopTest {

    private static Stage stage(Optional<Rule> rule) {
        Read read = new Read(
                "r1",
                "9",
                List.of(new Option("o1", "go", "", List.of("a3")), new Option("o2", "back", "", List.of("a4"))),
                Optional.empty(),
                rule);
        return new Stages()
                .player("7", 0, 0)
                .player("9", 15, 0)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 5, 0)
                .pass("a2", "7", "9", Cue.after("a1"))
                .carry("a3", "9", Cue.received("a2"), 25, 0)
                .pass("a4", "9", "7", Cue.received("a2"))
                .say(read)
                .say(new Freeze("f1", Cue.received("a2"), "What now?", "Go"))
                .say(new Freeze("f2", Cue.received("a2"), "Why?", ""))
                .build();
    }

    @Test
    void itStopsAtBeatsQuestionsAnswersAndForksInOrder() {
        Stage stage = stage(Optional.empty());
        Timeline timeline = Rehearsal.of(stage, Stages.TURF);
        List<Stop> stops = Stop.of(stage, timeline, Choices.NONE);
        assertEquals(
                List.of(
                        Kind.START,
                        Kind.BEAT,
                        Kind.QUESTION,
                        Kind.ANSWER,
                        Kind.QUESTION,
                        Kind.ANSWER,
                        Kind.FORK,
                        Kind.END),
                stops.stream().map(Stop::kind).toList());
        assertEquals(
                List.of("f1", "f1", "f2", "f2", "r1"),
                stops.subList(2, 7).stream().map(Stop::about).toList());
        double received = timeline.times("a2").orElseThrow().arrival();
        assertEquals(received, stops.get(2).t(), 1e-9);
        assertEquals(received, stops.get(6).t(), 0.02);
        assertEquals(timeline.duration(), stops.get(7).t());
    }

    @Test
    void whatIsWorkedOutIsNotAskedAndWhatNeverComesIsNoStop() {
        Stage ruled = stage(Optional.of(Rule.AHEAD));
        assertTrue(Stop.of(ruled, Rehearsal.of(ruled, Stages.TURF), Choices.NONE).stream()
                .noneMatch(s -> s.kind() == Kind.FORK));
        Stage never = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 5, 0)
                .say(new Freeze("f1", new Cue(new Cue.Called("now"), 0), "?", ""))
                .build();
        assertEquals(
                List.of(Kind.START, Kind.END),
                Stop.of(never, Rehearsal.of(never, Stages.TURF), Choices.NONE).stream()
                        .map(Stop::kind)
                        .toList());
        assertEquals(
                2,
                Stop.of(new Stages().build(), Rehearsal.of(new Stages().build(), Stages.TURF), Choices.NONE)
                        .size());
    }
}

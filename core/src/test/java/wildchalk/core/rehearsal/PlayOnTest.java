package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.timeline.Timeline;

/** Live play: how long it takes, what comes before and after it, and how it can end. */
class PlayOnTest {

    private static Stages drawn() {
        return new Stages()
                .player("7", -10, 0)
                .player("8", 0, 4)
                .player("4", 6, 0, Bib.SKY)
                .piece(new Piece.Zone("z", new Vec(4, 0), Outline.rectangle(20, 16), "yard", Colour.BLUE))
                .ball("b", "7")
                .pass("a1", "7", "8", Cue.whistle())
                .run("a2", "7", Cue.received("a1"), -2, -4);
    }

    private static PlayOn live(PlayOn.Until until) {
        return new PlayOn(
                "a3",
                "8",
                List.of(new Whom.Team(Bib.CORAL), new Whom.Team(Bib.SKY)),
                Optional.of("z"),
                until,
                "",
                Cue.after("a2"));
    }

    @Test
    void itBeginsWhereWhatIsDrawnEndsAndTakesAsLongAsTheClockSays() {
        Timeline bare = Rehearsal.of(drawn().build(), Stages.TURF);
        Timeline t = Rehearsal.of(drawn().action(live(PlayOn.Until.seconds(20))).build(), Stages.TURF);
        assertEquals(
                bare.times("a2").orElseThrow().end(),
                t.times("a3").orElseThrow().start(),
                1e-9);
        assertEquals(bare.duration() + 20, t.duration(), 1e-9);
        assertEquals(List.of(), t.problems());
    }

    @Test
    void whereNoClockEndsItItTakesAsLongAsIsAssumed() {
        PlayOn.Until goal = new PlayOn.Until(OptionalDouble.empty(), Set.of(PlayOn.Ends.GOAL), Optional.empty());
        Timeline t = Rehearsal.of(drawn().action(live(goal)).build(), Stages.TURF);
        assertEquals(
                PlayOn.USUAL,
                t.times("a3").orElseThrow().end() - t.times("a3").orElseThrow().start(),
                1e-9);
    }

    @Test
    void whatIsDrawnHappensJustAsWithoutIt() {
        Timeline bare = Rehearsal.of(drawn().build(), Stages.TURF);
        Timeline t = Rehearsal.of(drawn().action(live(PlayOn.Until.seconds(20))).build(), Stages.TURF);
        bare.events().forEach(e -> assertTrue(t.events().contains(e), e.toString()));
        // It claims nothing of where anybody is.
        for (double at = bare.duration(); at < t.duration(); at += 1) {
            assertEquals(bare.at("4", bare.duration()), t.at("4", at));
        }
    }

    private static Stage ending() {
        return drawn().action(live(PlayOn.Until.seconds(10)))
                .run("a4", "7", Cue.after("a3"), 0, -8)
                .carry("a5", "4", Cue.after("a3"), -6, -2)
                .say(new Instruction.Read(
                        "r",
                        "a3",
                        List.of(
                                new Instruction.Option("o1", "goal", "coral scores", List.of("a4")),
                                new Instruction.Option("o2", "won", "sky wins it", List.of("a5"))),
                        Optional.empty()))
                .build();
    }

    @Test
    void whateverFollowsFromHowItEndsBeginsAtItsEndOnEachWay() {
        Timeline goal = Rehearsal.of(ending(), Stages.TURF);
        assertEquals(
                goal.times("a3").orElseThrow().end(),
                goal.times("a4").orElseThrow().start(),
                1e-9);
        assertTrue(goal.times("a5").isEmpty());
        Timeline won = Rehearsal.of(ending(), Stages.TURF, Choices.NONE.with("r", "o2"));
        assertTrue(won.times("a4").isEmpty());
        assertEquals(List.of(), won.problems(), "whoever goes on with the ball has it then");
        assertEquals(Optional.of("4"), won.holder("b", won.duration()));
    }

    @Test
    void theScriptTellsBothWaysOutOfIt() {
        Stage stage = ending();
        List<String> lines =
                ScriptWriter.write(stage, Rehearsal.of(stage, Stages.TURF), Stages.TURF, Unit.METRES).lines().stream()
                        .map(Script.Line::marked)
                        .toList();
        assertEquals("3. When 7 gets there, 8 plays it out in the yard: coral against sky, for 10 s.", lines.get(2));
        assertEquals(
                "4. Once it is played out: either “goal”: 7 runs 4 m forwards to the left, if coral scores, "
                        + "or “won”: 4 carries the ball 12 m across the halfway line, if sky wins it.",
                lines.get(3));
    }
}

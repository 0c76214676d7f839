package wildchalk.core.phase;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.script.Script;

class PhasesTest {

    private static List<Phase> phases(Stage stage) {
        RunThrough through = RunThrough.of(stage, Stages.TURF, Choices.NONE);
        return Phases.of(stage, Stages.TURF, through.timeline(), through.script(Unit.METRES));
    }

    /** A row of people of whom each runs when the one before has come there. */
    private static Stages chain(int people) {
        Stages stages = new Stages();
        for (int i = 0; i < people; i++) {
            stages.player("p" + i, -30 + 6 * i, i % 2 == 0 ? -4 : 4);
        }
        for (int i = 0; i < people; i++) {
            Cue cue = i == 0 ? Cue.whistle() : Cue.after("a" + (i - 1));
            stages.run("a" + i, "p" + i, cue, -30 + 6 * i + 4, i % 2 == 0 ? 2 : -2);
        }
        return stages;
    }

    @Test
    void everyBeatIsOnOnePicture() {
        Stage stage = chain(9).build();
        List<Phase> phases = phases(stage);
        assertEquals(2, phases.size());
        List<String> shown = new ArrayList<>();
        phases.forEach(p -> shown.addAll(p.actions()));
        assertEquals(9, shown.size());
        assertEquals(9, new HashSet<>(shown).size());
        assertEquals(Phase.Why.START, phases.get(0).why());
        assertEquals(0, phases.get(0).t(), 0);
        assertEquals("1", phases.get(0).first());
        assertEquals("9", phases.get(1).last());
        assertTrue(phases.get(1).t() > 1, "everybody is where they are then");
    }

    @Test
    void optionsAreWhereTheyAreDecidedAndALongOneHasItsOwnPicture() {
        Stages stages = chain(7);
        stages.player("q", 20, 0);
        List<String> other = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            Cue cue = i == 0 ? Cue.after("a3") : Cue.after("b" + (i - 1));
            stages.run("b" + i, "q", cue, 20 + 3 * i, 5);
            other.add("b" + i);
        }
        Read read = new Read(
                "r1",
                "p3",
                List.of(new Option("o1", "go", "", List.of("a4")), new Option("o2", "wait", "", other)),
                Optional.empty());
        Stage stage = stages.build().withInstructions(List.of(read));
        List<Phase> phases = phases(stage);
        Set<String> all = new TreeSet<>();
        phases.forEach(p -> all.addAll(p.actions()));
        assertEquals(new TreeSet<>(stage.actions().stream().map(Action::id).toList()), all);
        Phase own = phases.get(phases.size() - 1);
        assertEquals("wait", own.option().orElseThrow().label());
        assertEquals(Set.copyOf(other), own.actions());
        assertTrue(own.first().matches("\\d+a") && own.last().matches("\\d+e"), own.first() + " to " + own.last());
        assertFalse(own.way() == phases.get(0).way());
        Phase decided = phases.stream()
                .filter(p -> p.actions().contains("a4"))
                .findFirst()
                .orElseThrow();
        assertTrue(decided.actions().contains("b0"), "how it begins is where it is decided");
        assertFalse(decided.actions().contains("b1"));
    }

    @Test
    void aStageWithoutAnythingHasItsSetOut() {
        Stage stage = new Stages().player("1", 0, 0).build();
        List<Phase> phases = Phases.of(
                stage,
                Stages.TURF,
                RunThrough.of(stage, Stages.TURF, Choices.NONE).timeline(),
                Script.NONE);
        assertEquals(1, phases.size());
        assertEquals("", phases.get(0).first());
    }
}

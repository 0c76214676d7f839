package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.scene.OptionMark;
import wildchalk.core.scene.OptionMarks;

class AsideTest {

    /** Somebody runs, then one of three; the third decides once more between two. */
    private static Stage stage() {
        Stages stages = new Stages()
                .player("1", -10, 0)
                .player("2", 0, -6)
                .player("3", 0, 0)
                .player("4", 0, 6);
        stages.run("a1", "1", Cue.whistle(), -5, 0)
                .run("b1", "2", Cue.after("a1"), 6, -6)
                .run("c1", "3", Cue.after("a1"), 6, 0)
                .run("c2", "3", Cue.after("c1"), 12, 0)
                .run("d1", "4", Cue.after("a1"), 6, 6)
                .run("d2", "4", Cue.after("d1"), 12, 9)
                .run("d3", "4", Cue.after("d1"), 12, 3);
        Read first = new Read(
                "r1",
                "1",
                List.of(
                        new Option("o1", "near", "", List.of("b1")),
                        new Option("o2", "middle", "", List.of("c1")),
                        new Option("o3", "far", "", List.of("d1"))),
                Optional.empty());
        Read second = new Read(
                "r2",
                "4",
                List.of(new Option("o4", "out", "", List.of("d2")), new Option("o5", "in", "", List.of("d3"))),
                Optional.of("o3"));
        return stages.build().withInstructions(List.of(first, second));
    }

    private static Script script(Choices choices) {
        return RunThrough.of(stage(), Stages.TURF, choices).script(Unit.METRES);
    }

    @Test
    void everyLineThatIsNotTakenHasTheNumberOfItsDecisionAndALetterOfItsOwn() {
        Script script = script(Choices.NONE);
        List<String> marks = script.lines().stream().map(Script.Line::mark).toList();
        List<String> aside = marks.stream().filter(m -> m.matches("2[a-z]")).toList();
        assertEquals(marks.stream().filter(m -> !m.matches("\\d+")).toList(), aside, marks.toString());
        for (int i = 0; i < aside.size(); i++) {
            assertEquals("2" + (char) ('a' + i), aside.get(i));
        }
        assertEquals(
                Set.of("c1", "c2", "d1", "d2", "d3"),
                script.asides().entrySet().stream()
                        .filter(e -> stage().action(e.getKey()).isPresent())
                        .map(Map.Entry::getKey)
                        .collect(Collectors.toSet()));
    }

    @Test
    void whatHangsOnAnOptionIsFoundFurtherInToo() {
        Map<String, Aside> by = Aside.of(stage(), script(Choices.NONE)).stream()
                .flatMap(a -> a.line().does().stream()
                        .filter(x -> stage().action(x).isPresent())
                        .map(x -> Map.entry(x, a)))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (a, b) -> b));
        assertEquals("middle", by.get("c2").outer().orElseThrow().label());
        assertEquals("far", by.get("d3").outer().orElseThrow().label());
        assertEquals("far", by.get("d2").inner().orElseThrow().label(), "both are told in one line");
        by.values().forEach(a -> assertEquals(2, a.beat()));
    }

    @Test
    void linesOfOneOptionHaveOneColourAndItsNameStandsAtTheLast() {
        Map<String, OptionMark> marks = OptionMarks.of(stage(), script(Choices.NONE));
        assertEquals(marks.get("c1").tone(), marks.get("c2").tone());
        assertTrue(marks.get("c1").name().isEmpty());
        assertEquals("middle", marks.get("c2").name());
        long tones = marks.values().stream().map(OptionMark::tone).distinct().count();
        assertEquals(5, tones, marks.toString());
        assertEquals("in", marks.get("d3").name());
        assertEquals("far", marks.get("d1").name());
        assertEquals(script(Choices.NONE).asides().get("d2"), marks.get("d2").number());
        // On the way on which the third is taken, the others are what could be.
        Map<String, OptionMark> other = OptionMarks.of(stage(), script(Choices.NONE.with("r1", "o3")));
        assertTrue(other.keySet().containsAll(Set.of("b1", "c1", "c2", "d3")), other.toString());
        assertEquals("near", other.get("b1").name());
        assertTrue(other.get("d3").number().matches("\\d+"), "told with what is taken, in one line");
    }
}

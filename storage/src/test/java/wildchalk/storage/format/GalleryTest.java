package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.ask.Answer;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/**
 * A small drill for each kind of action and each kind of cue. Beside each stands what a person has read and found
 * right: its events, to a hundredth of a second, and its script.
 */
class GalleryTest {

    private static final Path GALLERY = Path.of("src", "test", "resources", "gallery");

    static List<Path> drills() throws IOException {
        try (Stream<Path> files = Files.list(GALLERY)) {
            return files.filter(f -> f.toString().endsWith(".drill.json"))
                    .sorted()
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("drills")
    void happensAndReadsAsItShould(Path file) throws Exception {
        Drill drill = DrillReader.read(file);
        Stage stage = Ladder.build(drill, "s1");
        Timeline timeline = RunThrough.of(stage, drill.surface(), Choices.NONE).timeline();
        StringBuilder is = new StringBuilder();
        for (Event e : timeline.events()) {
            is.append(String.format(
                    Locale.ROOT,
                    "%.2f %s %s %s%s\n",
                    e.t(),
                    e.kind().word(),
                    e.action(),
                    e.who() == null ? "nobody" : e.who(),
                    e.ball() == null ? "" : " " + e.ball()));
        }
        is.append('\n');
        Script script = ScriptWriter.write(stage, timeline, drill.surface(), Unit.METRES);
        script.limits().forEach(l -> is.append(l.text()).append('\n'));
        script.lines().forEach(l -> is.append(l.heading())
                .append(l.heading().isEmpty() ? "" : "\n")
                .append(l.marked())
                .append('\n'));
        stage.instructions(Instruction.Freeze.class)
                .forEach(f -> Answer.of(f, stage, timeline, drill.surface(), Unit.METRES)
                        .forEach(d -> is.append("? ")
                                .append(DrillWriter.word(d.kind()))
                                .append(' ')
                                .append(d.words())
                                .append('\n')));
        for (Problem p : timeline.problems()) {
            is.append(String.format(Locale.ROOT, "! %.2f %s %s\n", p.t(), p.action(), p.message()));
        }
        Path expected = file.resolveSibling(file.getFileName().toString().replace(".drill.json", ".expected.txt"));
        assertEquals(Files.readString(expected), is.toString());
        assertEquals(drill, DrillReader.read(DrillWriter.write(drill)));
    }

    @Test
    void everyKindOfActionCueRuleAndSignIsInTheGallery() throws Exception {
        Set<String> seen = new TreeSet<>();
        for (Path file : drills()) {
            Stage stage = Ladder.build(DrillReader.read(file), "s1");
            stage.instructions().forEach(i -> seen.add(i.getClass().getSimpleName()));
            stage.instructions(Instruction.Read.class).forEach(r -> r.rule().ifPresent(rule -> seen.add(rule.name())));
            stage.instructions(Instruction.Freeze.class)
                    .forEach(f -> f.signs().forEach(s -> seen.add(s.kind().name())));
            for (Action action : stage.actions()) {
                seen.add(action.getClass().getSimpleName());
                seen.add(action.cue().trigger().getClass().getSimpleName());
                Soundness.triggers(action).forEach(t -> seen.add(t.getClass().getSimpleName()));
            }
        }
        Set<String> all = new TreeSet<>();
        for (Class<?> sealed : List.of(Action.class, Cue.Trigger.class, Instruction.class)) {
            permitted(sealed).forEach(c -> all.add(c.getSimpleName()));
        }
        List.of(Instruction.Rule.values()).forEach(r -> all.add(r.name()));
        List.of(Sign.Kind.values()).forEach(k -> all.add(k.name()));
        assertEquals(all, seen);
        assertTrue(drills().size() >= 24);
    }

    private static Stream<Class<?>> permitted(Class<?> sealed) {
        return sealed.isSealed()
                ? Stream.of(sealed.getPermittedSubclasses()).flatMap(GalleryTest::permitted)
                : Stream.of(sealed);
    }
}

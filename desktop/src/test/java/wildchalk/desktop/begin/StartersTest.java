package wildchalk.desktop.begin;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.check.Finding;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;

/** Every starter, on every rung, whichever way its reads go: it plays, it says so well, it hurts nobody. */
class StartersTest {

    private static final double EVENING_PART = 8;
    /** What no sentence has. */
    private static final Pattern FAULTY = Pattern.compile(
            "  | [,.;:]|[,;:]{2}|\\.\\.|\\bnull\\b|[{}]|\\b(the|a|to|of|and|past) \\1\\b|\\b(the|a|to|of|past|towards)[.,;]");

    static List<Starters.Starter> all() throws IOException {
        return Starters.read();
    }

    static Stream<Named<Drill>> drills() throws IOException {
        return all().stream().map(s -> Named.of(s.drill().id(), s.drill()));
    }

    private static List<Choices> ways(Stage stage) {
        List<Choices> ways = new ArrayList<>(List.of(Choices.NONE));
        for (Instruction.Read read : stage.instructions(Instruction.Read.class)) {
            read.options().forEach(o -> ways.add(Choices.NONE.with(read.id(), o.id())));
        }
        return ways;
    }

    @Test
    void thereAreFortyAndMoreOnAllSurfacesFromWarmUpToGameNoTwoCalledAlike() throws IOException {
        List<Starters.Starter> all = all();
        assertTrue(all.size() >= 40, () -> "" + all.size());
        Set<String> surfaces =
                all.stream().map(s -> s.drill().venue().surface()).collect(Collectors.toSet());
        assertEquals(Surfaces.BUILT_IN.plans().stream().map(p -> p.id()).collect(Collectors.toSet()), surfaces);
        Map<String, Long> kinds =
                all.stream().collect(Collectors.groupingBy(Starters.Starter::kind, Collectors.counting()));
        assertEquals(Set.of("warm-up", "skill", "choice", "game"), kinds.keySet());
        kinds.forEach((kind, n) -> assertTrue(n >= 8, kind + " " + n));
        assertTrue(all.stream().map(s -> s.drill().effort().level()).distinct().count() >= 6);
        assertEquals(
                all.size(), all.stream().map(s -> s.drill().title()).distinct().count());
    }

    @Test
    void listNamesEveryFileThereIs() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("..", "starters"))) {
            assertEquals(
                    files.map(f -> f.getFileName().toString())
                            .filter(f -> f.endsWith(".drill.json"))
                            .map(f -> f.replace(".drill.json", ""))
                            .collect(Collectors.toSet()),
                    drills().map(Named::getName).collect(Collectors.toSet()));
        }
    }

    @ParameterizedTest
    @MethodSource("drills")
    void playsOnEveryRungWhicheverWayItGoesAndNobodyIsHurt(Drill drill) {
        assertTrue(drill.ladder().size() >= 2, "rungs");
        for (Rung rung : drill.ladder()) {
            Stage stage = Ladder.build(drill, rung.id());
            for (Choices way : ways(stage)) {
                Timeline timeline = Rehearsal.of(stage, drill.surface(), way);
                assertEquals(List.of(), timeline.problems(), rung.id() + " " + way);
                assertTrue(timeline.duration() > 0);
            }
        }
        assertEquals(
                List.of(),
                LookOver.of(drill, Conditions.USUAL, Unit.METRES).found().stream()
                        .filter(f ->
                                f.weight() == Finding.Weight.COULD_HURT || f.weight() == Finding.Weight.WILL_NOT_WORK)
                        .map(f -> f.finding().words())
                        .toList());
        assertFalse(drill.notes().points().isEmpty());
        assertFalse(drill.notes().questions().isEmpty());
        assertFalse(drill.notes().cautions().isEmpty());
    }

    @ParameterizedTest
    @MethodSource("drills")
    void goesOnForEightMinutesWithAsFewAsCanAndWithAsManyAsAreDrawn(Drill drill) {
        for (Rung rung : drill.ladder()) {
            Stage stage = Ladder.build(drill, rung.id());
            Flows flows = new Flows(stage, drill.surface(), Ladder.dose(drill, rung.id()));
            int drawn = stage.people().stream()
                    .filter(p -> !(p instanceof Piece.Coach))
                    .mapToInt(p -> p instanceof Piece.LineUp l ? 1 + l.waiting() : 1)
                    .sum();
            for (int people : new TreeSet<>(List.of(flows.fewest(), Math.max(drawn, flows.fewest())))) {
                Flow flow = flows.of(new Flows.Asked(people, EVENING_PART, 1, Map.of(), List.of()));
                assertEquals(List.of(), flow.jams(), rung.id() + " with " + people);
                assertTrue(
                        flow.reps().size() >= 5, rung.id() + " " + flow.reps().size());
            }
            assertTrue(Ladder.dose(drill, rung.id()).isPresent(), "how long " + rung.id() + " is practised");
        }
        assertTrue(drill.ladder().stream().anyMatch(r -> !r.plan().climb().isEmpty()), "when to go on to more");
    }

    @ParameterizedTest
    @MethodSource("drills")
    void isToldWithoutAFaultyPhrase(Drill drill) {
        for (Rung rung : drill.ladder()) {
            Stage stage = Ladder.build(drill, rung.id());
            for (Choices way : ways(stage)) {
                Timeline timeline = Rehearsal.of(stage, drill.surface(), way);
                Script script = ScriptWriter.write(stage, timeline, drill.surface(), Unit.METRES);
                List<String> said = new ArrayList<>(
                        script.lines().stream().map(Script.Line::text).toList());
                script.limits().forEach(l -> said.add(l.text()));
                said.addAll(drill.notes().points());
                said.addAll(drill.notes().questions());
                said.addAll(drill.notes().cautions());
                assertFalse(script.lines().isEmpty());
                for (String sentence : said) {
                    assertFalse(FAULTY.matcher(sentence).find(), sentence);
                    assertTrue(
                            Character.isUpperCase(sentence.charAt(0)) || !Character.isLetter(sentence.charAt(0)),
                            sentence);
                }
            }
        }
    }
}

package wildchalk.storage.intake;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.document.Document;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.DemoDrills;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.DrillWriter;
import wildchalk.storage.format.PracticeWriter;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.Typed;

class IntakeTest {

    @TempDir
    private Path folder;

    private Path write(String name, String text) throws Exception {
        Files.createDirectories(folder.resolve(name).getParent());
        return Files.writeString(folder.resolve(name), text);
    }

    private static Intake.There there(Drill... drills) {
        return new Intake.There() {
            @Override
            public <T extends Document<T>> Optional<T> find(Kind<T> kind, String id) {
                return Stream.of(drills)
                        .filter(d -> d.id().equals(id))
                        .findFirst()
                        .flatMap(d -> new Typed<>(DrillKind.DRILLS, d).as(kind));
            }
        };
    }

    private static List<String> kinds(Intake intake) {
        return intake.read().stream().map(a -> a.file() + " " + a.kind()).toList();
    }

    @Test
    void aPracticeComesInWithTheDrillsOfItsFile() throws Exception {
        Drill skylark = DrillReader.read(DemoDrills.text("skylark"));
        Practice practice = Practice.empty("p", "Thursday", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .with(
                        0,
                        Block.of(
                                "",
                                new Content.Play(
                                        new Content.Planned("skylark", 7, "Skylark"),
                                        List.of(),
                                        1,
                                        Content.Telling.KNOWN),
                                Block.Time.of(10)));
        write("a.practice.json", PracticeWriter.write(practice, List.of(skylark)));
        Intake intake = Intake.read(Intake.files(List.of(folder)), Surfaces.BUILT_IN, n -> {});
        assertEquals(
                List.of("drill", "practice"),
                intake.read().stream()
                        .map(a -> a.document().orElseThrow().kind().word())
                        .toList());
        Practice read = intake.read()
                .get(1)
                .document()
                .orElseThrow()
                .as(PracticeKind.PRACTICES)
                .orElseThrow();
        assertEquals(
                0,
                read.blocks().get(0).play().findFirst().orElseThrow().drill().version(),
                "a number of a version says nothing in another book");
    }

    @Test
    void eachFileIsNewChangedTheSameOrRefusedWithItsPlace() throws Exception {
        Drill skylark = DrillReader.read(DemoDrills.text("skylark"));
        Drill ferryman = DrillReader.read(DemoDrills.text("ferryman"));
        write("a.json", DrillWriter.write(skylark));
        write("b.json", DrillWriter.write(ferryman.withTitle("Ferry in fog")));
        write("deep/c.drill.json", DrillWriter.write(skylark.withId("lark")));
        write("d.json", DemoDrills.text("turnstile").substring(0, 700));
        write("notes.txt", "nothing to take in");
        AtomicInteger done = new AtomicInteger();
        Intake intake = Intake.read(Intake.files(List.of(folder)), Surfaces.BUILT_IN, done::set)
                .compared(there(skylark, ferryman));
        assertEquals(4, done.get());
        assertEquals(List.of("a.json SAME", "b.json CHANGED", "d.json REFUSED", "c.drill.json NEW"), kinds(intake));
        assertEquals(
                "called Ferry in fog instead of Ferryman", intake.read().get(1).words());
        assertTrue(
                intake.read().get(2).words().matches("line \\d+: .*"),
                intake.read().get(2).words());
        assertEquals(1, intake.count(Arrival.Kind.NEW));
    }

    @Test
    void drillThatComesTwiceIsTakenInOnce() throws Exception {
        Drill one = Drill.empty("one", "One", "field-hockey", "whole");
        List<Path> files = List.of(
                write("1.json", DrillWriter.write(one)),
                write("2.json", DrillWriter.write(one)),
                write("3.json", DrillWriter.write(one.withTitle("Uno"))));
        Intake intake = Intake.read(files, Surfaces.BUILT_IN, n -> {}).compared(there());
        assertEquals(List.of("1.json NEW", "2.json SAME", "3.json NEW"), kinds(intake));
        assertEquals(
                List.of("One", "Uno"),
                intake.of(Arrival.Kind.NEW).stream()
                        .map(t -> t.document().title())
                        .toList());
    }
}

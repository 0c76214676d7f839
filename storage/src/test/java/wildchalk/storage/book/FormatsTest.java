package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.catalogue.DrillSummarizer;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.Surfaces;

/** Books as earlier programs wrote them, kept as they were. */
class FormatsTest {

    @TempDir
    private Path folder;

    private Path sample(int format) throws Exception {
        Path file = folder.resolve("Sample.chalkbook");
        try (InputStream in = FormatsTest.class.getResourceAsStream("format-" + format + ".chalkbook")) {
            Files.copy(in, file);
        }
        return file;
    }

    @ParameterizedTest
    @CsvSource({"1, m", "2, yd", "4, ft"})
    void olderBookHasAllItHad(int format, String unit) throws Exception {
        Path file = sample(format);
        byte[] before = Files.readAllBytes(file);
        Hours clock = new Hours();
        try (Book book = Book.open(file, clock)) {
            assertEquals(Standing.KEEPING, book.standing());
            assertEquals(
                    List.of("Skylark at dusk", "Sixpenny Square"),
                    book.rows().stream()
                            .filter(r -> !r.isAside())
                            .map(r -> book.drills().load(r.id()).title())
                            .sorted((a, b) -> b.compareTo(a))
                            .toList());
            assertEquals(
                    List.of("turnstile"),
                    book.rows().stream()
                            .filter(Book.Row::isAside)
                            .map(Book.Row::id)
                            .toList());
            assertEquals(
                    List.of("Undo: Rename drill", "Rename drill", "New drill"),
                    book.drills().history("sixpenny").stream()
                            .map(Version::edit)
                            .toList());
            assertEquals(
                    "Sixpenny Square at dusk",
                    book.drills().history("sixpenny").get(1).read().document().title());
            assertEquals(unit, book.setting("unit", "m"));
            book.check();
            // And all that came later can be done in it.
            book.drills().favourite("skylark", true);
            book.drills().keep(book.drills().load("skylark").withTitle("Skylark at noon"), "Rename drill");
            assertEquals(
                    "Skylark at dusk",
                    book.drills().history("skylark").get(1).read().document().title());
        }
        Path copy = Copies.of(file).stream()
                .map(Copies.Copy::file)
                .filter(f -> f.toString().contains("before format"))
                .findFirst()
                .orElseThrow();
        assertTrue(copy.getFileName().toString().endsWith("before format " + Opening.FORMAT + ".chalkbook"));
        assertEquals(before.length, Files.size(copy));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4})
    void olderBookOnADiskThatCannotBeWrittenIsLookedAt(int format) throws Exception {
        Path file = sample(format);
        byte[] before = Files.readAllBytes(file);
        Lock other = Lock.take(file).orElseThrow();
        try (Book book = Book.open(file)) {
            assertEquals(Standing.Kind.OTHER_WINDOW, book.standing().kind());
            assertEquals("Skylark at dusk", book.drills().load("skylark").title());
        }
        other.close();
        assertArrayEquals(before, Files.readAllBytes(file));
    }

    /** Format 3 was never given to anybody: its change and the one to 4 came together. */
    @Test
    void whatWasArrangedAndKnownInABookOfFormat4IsStill() throws Exception {
        try (Book book = Book.open(sample(4))) {
            Map<String, Book.Row> rows = book.rows().stream().collect(Collectors.toMap(Book.Row::id, r -> r));
            assertTrue(rows.get("sixpenny").favourite());
            assertEquals(
                    Set.of(book.collection("Wet evenings")), rows.get("skylark").collections());
            assertTrue(
                    rows.values().stream().noneMatch(Book.Row::seen),
                    "more is asked of drills since: they are looked at anew");
            Map<Book.Unseen, DrillSummarizer.Seen> seen = new HashMap<>();
            book.unseen(100).forEach(u -> seen.put(u, u.look(Surfaces.BUILT_IN).orElseThrow()));
            Map<String, Integer> numbers = book.seen(seen);
            assertTrue(book.rows().stream().allMatch(Book.Row::seen));
            assertEquals(List.of(numbers.get("skylark")), book.search("dusk"));
            book.drills().delete("skylark");
        }
    }

    @Test
    void copyOfEachDayIsMadeOnItsFirstEditAndTenStay() throws Exception {
        Hours clock = new Hours();
        Path file = folder.resolve("Days.chalkbook");
        try (Book book = Book.open(file, clock)) {
            Drill drill = book.drills().add(Drill.empty("a", "Day 0", "field-hockey", "whole"));
            assertEquals(List.of(), Copies.of(file));
            for (int day = 1; day <= 14; day++) {
                clock.pass(24);
                book.rows();
                assertEquals(Math.min(10, day - 1), Copies.of(file).size());
                book.drills().keep(drill.withTitle("Day " + day), "Rename drill");
                book.drills().keep(drill.withTitle("Day " + day + " late"), "Rename drill");
                assertEquals(Math.min(10, day), Copies.of(file).size());
            }
        }
        // Each holds what there was before the first edit of its day.
        try (Book copy = Book.open(Copies.of(file).get(0).file())) {
            assertEquals("Day 13 late", copy.drills().load("a").title());
            copy.check();
        }
        try (Stream<Path> copies = Files.list(folder.resolve("Days copies"))) {
            assertFalse(copies.anyMatch(f -> f.toString().endsWith(".part")));
        }
    }
}

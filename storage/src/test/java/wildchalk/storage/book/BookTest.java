package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.document.Change;
import wildchalk.core.document.History;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.DrillEdits;
import wildchalk.storage.DemoDrills;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Typed;

class BookTest {

    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("Test.chalkbook");
    }

    private static Drill drill(String id) {
        return Drill.empty(id, "Drill " + id, "field-hockey", "whole");
    }

    private static List<String> ids(Book book, boolean aside) {
        return book.rows().stream()
                .filter(r -> r.isAside() == aside)
                .map(Book.Row::id)
                .toList();
    }

    private static List<String> edits(Book book, String id) {
        return book.drills().history(id).stream().map(Version::edit).toList();
    }

    @Test
    void whatIsKeptIsThereAfterReopening() throws Exception {
        Drill demo = DrillReader.read(DemoDrills.text("ferryman"));
        try (Book book = Book.open(file())) {
            book.drills().add(demo);
            book.drills().keep(demo.withTitle("Night ferry"), "Rename drill");
        }
        try (Book book = Book.open(file())) {
            assertEquals(demo.withTitle("Night ferry"), book.drills().load("ferryman"));
            assertEquals(List.of("Rename drill", "New drill"), edits(book, "ferryman"));
        }
    }

    @Test
    void everyEditIsOnDiskBeforeKeepReturns() throws Exception {
        try (Book book = Book.open(file())) {
            book.drills().add(drill("a"));
            book.drills().keep(drill("a").withTitle("Seen"), "Rename drill");
            try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file());
                    Statement ask = other.createStatement();
                    ResultSet row = ask.executeQuery("SELECT title FROM kept")) {
                assertTrue(row.next());
                assertEquals("Seen", row.getString(1));
            }
        }
    }

    @Test
    void takenIdGetsANumber() {
        try (Book book = Book.open(file())) {
            assertEquals("a", book.drills().add(drill("a")).id());
            assertEquals("a-2", book.drills().add(drill("a")).id());
            Drill copy = book.drills().duplicate("a");
            assertEquals("a-3", copy.id());
            assertEquals("Drill a (copy)", copy.title());
        }
    }

    @Test
    void deletedDrillCanBeBroughtBack() {
        try (Book book = Book.open(file())) {
            book.drills().add(drill("a"));
            book.drills().add(drill("b"));
            book.drills().delete("a");
            assertEquals(List.of("b"), ids(book, false));
            assertEquals(List.of("a"), ids(book, true));
            book.drills().restore("a");
            assertEquals(List.of(), ids(book, true));
            assertEquals(2, book.rows().size());
        }
    }

    @Test
    void drillChangedLastStandsFirst() {
        Hours clock = new Hours();
        try (Book book = Book.open(file(), clock)) {
            book.drills().add(drill("a"));
            clock.pass(1);
            book.drills().add(drill("b"));
            assertEquals(List.of("b", "a"), ids(book, false));
            clock.pass(1);
            book.drills().keep(drill("a"), "Move cone");
            assertEquals(List.of("a", "b"), ids(book, false));
            assertEquals(clock.millis(), book.rows().get(0).changed());
        }
    }

    @Test
    void drillThatWasPutAsideIsThereForNinetyDays() {
        Hours clock = new Hours();
        try (Book book = Book.open(file(), clock)) {
            book.drills().add(drill("a"));
            book.drills().add(drill("b"));
            book.drills().delete("a");
        }
        clock.pass(24 * 89);
        try (Book book = Book.open(file(), clock)) {
            assertEquals(List.of("a"), ids(book, true));
        }
        clock.pass(24 * 2);
        try (Book book = Book.open(file(), clock)) {
            assertEquals(List.of(), ids(book, true));
            assertEquals(List.of("b"), ids(book, false));
            assertEquals(List.of(), book.drills().history("a"));
        }
    }

    @Test
    void newestTwoHundredVersionsStayAndOlderOnesAreThinned() {
        Hours clock = new Hours();
        try (Book book = Book.open(file(), clock)) {
            book.drills().add(drill("a"));
            for (int i = 1; i <= 420; i++) {
                clock.pass(1);
                book.drills().keep(drill("a").withTitle("Title " + i), "Edit " + i);
            }
            List<String> edits = edits(book, "a");
            assertEquals(300, edits.size());
            assertEquals(
                    IntStream.range(0, 200).mapToObj(i -> "Edit " + (420 - i)).toList(), edits.subList(0, 200));
            assertEquals("New drill", edits.get(299));
            assertEquals(
                    "Title 420",
                    book.drills().history("a").get(0).read().document().title());
            assertEquals(200, book.drills().versions("a").size());
        }
    }

    @Test
    void drillIsReadAgainAsItWasAfterEachEdit() {
        try (Book book = Book.open(file())) {
            Drill first = book.drills().add(drill("a"));
            book.drills().keep(first.withTitle("Two"), "Rename drill");
            assertEquals(
                    List.of(
                            new History.Kept<>(new Change.Edited("New drill"), first),
                            new History.Kept<>(new Change.Edited("Rename drill"), first.withTitle("Two"))),
                    book.drills().versions("a").stream().map(Version::read).toList());
            assertEquals(List.of(), book.drills().versions("b"));
        }
    }

    /** What is too long to be read again in a moment is left out from the oldest on. */
    @Test
    void ofLongDrillsOnlyTheNewestVersionsAreReadAgain() {
        try (Book book = Book.open(file())) {
            Drill first = book.drills().add(drill("a"));
            for (int i = 0; i < 5; i++) {
                book.drills()
                        .keep(
                                DrillEdits.points(List.of("x".repeat(3_000_000), "" + i))
                                        .apply(first),
                                "Edit " + i);
            }
            assertEquals(
                    List.of("Edit 3", "Edit 4"),
                    book.drills().versions("a").stream().map(Version::edit).toList());
        }
    }

    @Test
    void fileThatIsNoBookIsRefusedAndLeftAsItWas() throws Exception {
        byte[] recipe = "Two onions, and then some more text than a header has, so that it could be anything at all."
                .getBytes(StandardCharsets.UTF_8);
        Files.write(file(), recipe);
        BookException e = assertThrows(BookException.class, () -> Book.open(file()));
        assertEquals(
                "Test.chalkbook is not a Wild Chalk book. It has been left as it is. "
                        + "Choose another file, or a new name to begin a new book.",
                e.getMessage());
        assertArrayEquals(recipe, Files.readAllBytes(file()));
        assertThrows(BookException.class, () -> Book.open(folder));
    }

    @Test
    void databaseOfAnotherProgramIsRefused() throws Exception {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file());
                var statement = connection.createStatement()) {
            statement.execute("PRAGMA application_id = 42");
            statement.execute("CREATE TABLE recipe (name TEXT)");
        }
        byte[] before = Files.readAllBytes(file());
        assertThrows(BookException.class, () -> Book.open(file()));
        assertArrayEquals(before, Files.readAllBytes(file()));
    }

    @Test
    void bookWhoseFolderCannotBeMadeSaysWhatToDo() throws Exception {
        Path notAFolder = Files.writeString(folder.resolve("file"), "x");
        BookException e = assertThrows(BookException.class, () -> Book.open(notAFolder.resolve("My.chalkbook")));
        assertTrue(e.getMessage().contains("cannot be written. What is in it is safe."), e.getMessage());
    }

    private static Typed<?> typed(Drill drill) {
        return new Typed<>(DrillKind.DRILLS, drill);
    }

    @Test
    void whatIsTakenInIsThereWholeOrNotAtAll() {
        try (Book book = Book.open(file())) {
            book.drills().add(drill("a"));
            book.drills().delete("a");
            book.takeIn(
                    List.of(typed(drill("a").withTitle("Another")), typed(drill("b"))),
                    List.of(typed(drill("a").withTitle("Newer"))));
            assertEquals(Set.of("a", "a-2", "b"), Set.copyOf(ids(book, false)));
            assertEquals("Newer", book.drills().load("a").title());
            assertEquals(List.of("Taken in from a file", "New drill"), edits(book, "a"));
            assertThrows(
                    NullPointerException.class, () -> book.takeIn(Arrays.asList(typed(drill("c")), null), List.of()));
            assertEquals(3, book.rows().size());
        }
    }

    @Test
    void favouritesCollectionsAndUseAreKept() {
        Hours clock = new Hours();
        try (Book book = Book.open(file(), clock)) {
            book.drills().add(drill("a"));
            book.drills().add(drill("b"));
            book.drills().favourite("a", true);
            book.drills().use("b");
            long wet = book.collection("Wet days");
            assertEquals(wet, book.collection("Wet days"));
            book.collect(wet, "a", true);
            book.collect(wet, "b", true);
            book.collect(wet, "b", false);
            book.renameCollection(book.collection("Cold"), "Cold days");
        }
        try (Book book = Book.open(file(), clock)) {
            assertEquals(
                    List.of("Cold days", "Wet days"),
                    book.collections().stream().map(Shelf.Collection::name).toList());
            Book.Row a = book.rows().stream()
                    .filter(r -> r.id().equals("a"))
                    .findFirst()
                    .orElseThrow();
            Book.Row b = book.rows().stream()
                    .filter(r -> r.id().equals("b"))
                    .findFirst()
                    .orElseThrow();
            assertTrue(a.favourite() && !b.favourite());
            assertEquals(Set.of(book.collection("Wet days")), a.collections());
            assertEquals(clock.millis(), b.used());
            book.drills().keep(drill("a").withTitle("Still liked"), "Rename drill");
            assertTrue(book.rows().stream().anyMatch(r -> r.id().equals("a") && r.favourite()));
            book.removeCollection(book.collection("Wet days"));
            assertEquals(2, book.rows().size());
            assertEquals(1, book.collections().size());
        }
    }
}

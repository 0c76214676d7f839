package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.time.Clock;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.History;
import wildchalk.storage.DemoDrills;
import wildchalk.storage.format.DrillReader;

class BookTest {

    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("Test.chalkbook");
    }

    private static Drill drill(String id) {
        return Drill.empty(id, "Drill " + id, "field-hockey", "whole");
    }

    private static List<String> ids(List<Book.Entry> entries) {
        return entries.stream().map(e -> e.drill().id()).toList();
    }

    @Test
    void whatIsKeptIsThereAfterReopening() throws Exception {
        Drill demo = DrillReader.read(DemoDrills.text("ferryman"));
        try (Book book = Book.open(file())) {
            book.add(demo);
            book.keep(demo.withTitle("Night ferry"), "Rename drill");
        }
        try (Book book = Book.open(file())) {
            assertEquals(demo.withTitle("Night ferry"), book.load("ferryman"));
            assertEquals(List.of("Rename drill", "New drill"), book.edits("ferryman"));
        }
    }

    @Test
    void everyEditIsOnDiskBeforeKeepReturns() {
        try (Book book = Book.open(file()); Book other = Book.open(file())) {
            book.add(drill("a"));
            book.keep(drill("a").withTitle("Seen"), "Rename drill");
            assertEquals("Seen", other.load("a").title());
        }
    }

    @Test
    void takenIdGetsANumber() {
        try (Book book = Book.open(file())) {
            assertEquals("a", book.add(drill("a")).id());
            assertEquals("a-2", book.add(drill("a")).id());
            Drill copy = book.duplicate("a");
            assertEquals("a-3", copy.id());
            assertEquals("Drill a (copy)", copy.title());
        }
    }

    @Test
    void deletedDrillCanBeBroughtBack() {
        try (Book book = Book.open(file())) {
            book.add(drill("a"));
            book.add(drill("b"));
            book.delete("a");
            assertEquals(List.of("b"), ids(book.drills()));
            assertEquals(List.of("a"), ids(book.deleted()));
            book.restore("a");
            assertEquals(2, book.drills().size());
        }
    }

    @Test
    void drillChangedLastStandsFirst() {
        Clock clock = mock(Clock.class);
        when(clock.millis()).thenReturn(1000L, 1000L, 2000L, 2000L, 3000L, 3000L);
        try (Book book = Book.open(file(), clock)) {
            book.add(drill("a"));
            book.add(drill("b"));
            assertEquals(List.of("b", "a"), ids(book.drills()));
            book.keep(drill("a"), "Move cone");
            assertEquals(List.of("a", "b"), ids(book.drills()));
            assertEquals(3000L, book.drills().get(0).changed());
        }
    }

    @Test
    void onlyTheNewestVersionsStay() {
        try (Book book = Book.open(file())) {
            book.add(drill("a"));
            for (int i = 0; i < 230; i++) {
                book.keep(drill("a").withTitle("Title " + i), "Edit " + i);
            }
            assertEquals(200, book.edits("a").size());
            assertEquals("Edit 229", book.edits("a").get(0));
        }
    }

    @Test
    void drillIsReadAgainAsItWasAfterEachEdit() {
        try (Book book = Book.open(file())) {
            Drill first = book.add(drill("a"));
            book.keep(first.withTitle("Two"), "Rename drill");
            assertEquals(List.of(new History.Kept("New drill", first), new History.Kept("Rename drill", first.withTitle("Two"))),
                    book.versions("a").stream().map(Book.Version::read).toList());
            assertEquals(List.of(), book.versions("b"));
        }
    }

    /** What is too long to be read again in a moment is left out from the oldest on. */
    @Test
    void ofLongDrillsOnlyTheNewestVersionsAreReadAgain() {
        try (Book book = Book.open(file())) {
            Drill first = book.add(drill("a"));
            for (int i = 0; i < 5; i++) {
                book.keep(DrillEdits.points(List.of("x".repeat(3_000_000), "" + i)).apply(first), "Edit " + i);
            }
            assertEquals(List.of("Edit 3", "Edit 4"), book.versions("a").stream().map(Book.Version::edit).toList());
        }
    }

    @Test
    void fileThatIsNoBookIsRefusedAndLeftAsItWas() throws Exception {
        byte[] recipe = "Two onions, and then some more text than a header has, so that it could be anything at all."
                .getBytes();
        Files.write(file(), recipe);
        BookException e = assertThrows(BookException.class, () -> Book.open(file()));
        assertEquals("Test.chalkbook is not a Wild Chalk book. It has been left as it is. "
                + "Choose another file, or a new name to begin a new book.", e.getMessage());
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

    @Test
    void failedTransactionChangesNothing() {
        try (Book book = Book.open(file())) {
            book.add(drill("a"));
        }
        Clock stopped = mock(Clock.class);
        when(stopped.millis()).thenReturn(1L).thenThrow(new IllegalStateException("the clock stopped"));
        try (Book book = Book.open(file(), stopped)) {
            // The row is changed at the first reading of the clock, the version fails at the second.
            assertThrows(IllegalStateException.class, () -> book.keep(drill("a").withTitle("Half"), "Rename drill"));
        }
        try (Book book = Book.open(file())) {
            assertEquals("Drill a", book.load("a").title());
            assertEquals(List.of("New drill"), book.edits("a"));
        }
    }
}

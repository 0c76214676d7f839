package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Drill;

class StandingTest {

    @TempDir
    private Path folder;

    private static Drill drill(String id) {
        return Drill.empty(id, "Drill " + id, "field-hockey", "whole");
    }

    private Path file() {
        return folder.resolve("Test.chalkbook");
    }

    private static boolean run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                        .start()
                        .waitFor()
                == 0;
    }

    @Test
    void secondWindowLooksAndTakesOverWhenTheFirstIsClosed() {
        Book first = Book.open(file());
        first.drills().add(drill("a"));
        try (Book second = Book.open(file())) {
            assertEquals(Standing.Kind.OTHER_WINDOW, second.standing().kind());
            assertEquals("Drill a", second.drills().load("a").title());
            first.drills().keep(drill("a").withTitle("First"), "Rename drill");
            assertFalse(second.tryAgain());
            second.drills().use("a");
            second.check();
            first.close();
            assertTrue(second.tryAgain());
            assertEquals(Standing.KEEPING, second.standing());
            assertEquals("First", second.drills().load("a").title());
            second.drills().keep(drill("a").withTitle("Second"), "Rename drill");
        }
        try (Book book = Book.open(file())) {
            assertEquals("Second", book.drills().load("a").title());
        }
    }

    /** Somebody else may write just as the first window is closed, such as a program that makes copies of the disk. */
    @Test
    void takingOverIsTriedAgainWhereTheFirstTryFindsTheFileBusy() throws Exception {
        Book first = Book.open(file());
        first.drills().add(drill("a"));
        try (Book second = Book.open(file())) {
            second.drills().keep(drill("a").withTitle("Second"), "Rename drill");
            first.close();
            try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file());
                    Statement busy = other.createStatement()) {
                busy.execute("BEGIN IMMEDIATE");
                assertFalse(second.tryAgain());
                assertEquals(1, second.standing().waiting());
                busy.execute("ROLLBACK");
            }
            assertTrue(second.tryAgain());
            assertEquals(Standing.KEEPING, second.standing());
        }
        try (Book book = Book.open(file())) {
            assertEquals("Second", book.drills().load("a").title());
        }
    }

    /** What was drawn in the second window is not put over what was drawn in the first. */
    @Test
    void secondWindowDoesNotWriteOverTheFirst() {
        Book first = Book.open(file());
        first.drills().add(drill("a"));
        try (Book second = Book.open(file())) {
            second.drills().keep(drill("a").withTitle("Second"), "Rename drill");
            assertEquals("Second", second.drills().load("a").title());
            assertEquals(1, second.standing().waiting());
            first.drills().keep(drill("a").withTitle("First"), "Rename drill");
            first.close();
            assertFalse(second.tryAgain());
            assertEquals(
                    List.of("Second"),
                    second.drills().unkept().stream().map(Drill::title).toList());
        }
        try (Book book = Book.open(file())) {
            assertEquals("First", book.drills().load("a").title());
        }
    }

    @Test
    void bookOfANewerProgramIsLookedAtAndLeftAlone() throws Exception {
        try (Book book = Book.open(file())) {
            book.drills().add(drill("a"));
        }
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file());
                Statement s = c.createStatement()) {
            s.execute("INSERT INTO flyway_schema_history SELECT 99, '99', 'later', 'SQL', 'V99', 1, '', "
                    + "installed_on, 1, 1 "
                    + "FROM flyway_schema_history LIMIT 1");
            s.execute("ALTER TABLE kept ADD COLUMN weather TEXT");
            s.execute("ALTER TABLE kept RENAME COLUMN used TO last_used");
        }
        byte[] before = Files.readAllBytes(file());
        try (Book book = Book.open(file())) {
            assertEquals(Standing.Kind.NEWER, book.standing().kind());
            assertEquals("Drill a", book.drills().load("a").title());
            book.drills().keep(drill("a").withTitle("Here only"), "Rename drill");
            assertEquals("Here only", book.drills().load("a").title());
            assertFalse(book.tryAgain());
            // It is no damage that its tables are others.
            book.check();
        }
        assertEquals(List.of(), Copies.of(file()));
        assertArrayEquals(before, Files.readAllBytes(file()));
    }

    /** What is done with a book on a small disk of its own. */
    private interface OnDisk {
        void with(Path disk, Path book) throws Exception;
    }

    /** A real disk, where mounting is allowed. */
    private void onDisk(String size, OnDisk work) throws Exception {
        Path disk = Files.createDirectory(folder.resolve("disk"));
        Assumptions.assumeTrue(
                run("mount", "-t", "tmpfs", "-o", "size=" + size, "tmpfs", disk.toString()), "no disk can be had here");
        try {
            work.with(disk, disk.resolve("Test.chalkbook"));
        } finally {
            run("umount", disk.toString());
        }
    }

    @Test
    void onAFullDiskEditsWaitUntilThereIsRoom() throws Exception {
        onDisk("400k", (disk, onDisk) -> {
            Book book = Book.open(onDisk);
            book.drills().add(drill("a"));
            Path filler = disk.resolve("filler");
            fill(filler);
            for (int i = 0; i < 60 && book.standing().isKept(); i++) {
                book.drills()
                        .keep(drill("a").withNotes(List.of("x".repeat(4000) + i), List.of(), List.of()), "Edit " + i);
            }
            assertEquals(Standing.Kind.WAITING, book.standing().kind());
            book.drills().keep(drill("a").withTitle("Waits"), "Rename drill");
            Drill fresh = book.drills().add(drill("b"));
            assertEquals("Waits", book.drills().load("a").title());
            assertFalse(book.tryAgain());
            assertTrue(book.standing().waiting() >= 2);
            Files.delete(filler);
            assertTrue(book.tryAgain());
            assertEquals(Standing.KEEPING, book.standing());
            assertEquals(List.of(), book.drills().unkept());
            book.close();
            try (Book again = Book.open(onDisk)) {
                assertEquals("Waits", again.drills().load("a").title());
                assertEquals("Drill b", again.drills().load(fresh.id()).title());
                again.check();
            }
        });
    }

    private static void fill(Path file) throws IOException {
        try (var out = Files.newOutputStream(file)) {
            byte[] chunk = new byte[1024];
            for (int i = 0; i < 4000; i++) {
                out.write(chunk);
            }
        } catch (IOException e) {
            // Full, as it should be.
        }
    }

    @Test
    void onAReadOnlyDiskEditsWaitUntilItCanBeWritten() throws Exception {
        onDisk("4m", (disk, onDisk) -> {
            try (Book book = Book.open(onDisk)) {
                book.drills().add(drill("a"));
            }
            assertTrue(run("mount", "-o", "remount,ro", disk.toString()));
            try (Book book = Book.open(onDisk)) {
                assertEquals(Standing.Kind.WAITING, book.standing().kind());
                assertEquals("Drill a", book.drills().load("a").title());
                book.check();
                book.drills().keep(drill("a").withTitle("Waits"), "Rename drill");
                assertFalse(book.tryAgain());
                assertTrue(run("mount", "-o", "remount,rw", disk.toString()));
                assertTrue(book.tryAgain());
            }
            try (Book book = Book.open(onDisk)) {
                assertEquals("Waits", book.drills().load("a").title());
            }
        });
    }

    /** The day's copy needs as much room again; where there is none, the edit is kept all the same. */
    @Test
    void copyThatFindsNoRoomIsSaidAndTheEditIsKept() throws Exception {
        onDisk("1m", (disk, onDisk) -> {
            try (Book book = Book.open(onDisk)) {
                book.drills().add(drill("a"));
            }
            // In the way of the folder of copies stands something else.
            Files.writeString(disk.resolve("Test copies"), "not a folder");
            try (Book book = Book.open(onDisk)) {
                book.drills().keep(drill("a").withTitle("Kept"), "Rename drill");
                assertEquals(Standing.KEEPING, book.standing());
                assertTrue(book.word().orElseThrow().startsWith("Today's copy of the book could not be made."));
                assertTrue(book.word().isEmpty(), "it is said once");
                book.drills().keep(drill("a").withTitle("Kept too"), "Rename drill");
                assertTrue(book.word().isEmpty());
            }
        });
    }
}

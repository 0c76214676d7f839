package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Drill;

class BookMoveTest {

    @TempDir
    Path folder;

    private Path book() {
        Path file = folder.resolve("Here.chalkbook");
        try (Book book = Book.open(file)) {
            book.drills().add(Drill.empty("d", "Tern", "futsal", "whole"));
        }
        return file;
    }

    private static List<String> titles(Path file) {
        try (Book book = Book.open(file)) {
            return book.rows().stream().map(Book.Row::title).toList();
        }
    }

    @Test
    void allOfItIsThereAndNothingStays() throws IOException {
        Path from = book();
        Path copies = Files.createDirectories(Copies.folder(from));
        Files.copy(from, copies.resolve("2026-02-03.chalkbook"));
        Path to = Files.createDirectories(folder.resolve("elsewhere")).resolve("There.chalkbook");
        assertEquals(to, BookMove.move(from, to));
        assertEquals(List.of("Tern"), titles(to));
        assertFalse(Files.exists(from));
        assertTrue(Copies.of(to).stream().anyMatch(c -> c.day().toString().equals("2026-02-03")));
        assertFalse(Files.exists(copies));
    }

    @Test
    void staysWhereItIsWhenSomethingIsThereAlreadyOrItCannotBeWritten() throws IOException {
        Path from = book();
        Path taken = Files.writeString(folder.resolve("Taken.chalkbook"), "mine");
        BookException already = assertThrows(BookException.class, () -> BookMove.move(from, taken));
        assertTrue(already.getMessage().contains("already"), already.getMessage());
        assertEquals("mine", Files.readString(taken));
        Path nowhere = folder.resolve("no such folder").resolve("There.chalkbook");
        assertThrows(BookException.class, () -> BookMove.move(from, nowhere));
        assertEquals(List.of("Tern"), titles(from));
    }

    @Test
    void staysWhereItIsWhileAnotherWindowHasItOpen() {
        Path from = book();
        Path to = folder.resolve("There.chalkbook");
        try (Book open = Book.open(from)) {
            BookException other = assertThrows(BookException.class, () -> BookMove.move(from, to));
            assertTrue(other.getMessage().contains("other window"), other.getMessage());
            open.drills().add(Drill.empty("e", "Plover", "futsal", "whole"));
        }
        assertEquals(List.of("Plover", "Tern"), titles(from).stream().sorted().toList());
        assertFalse(Files.exists(to));
    }

    @Test
    void damagedOneIsNotTakenAwayForAHalfCopy() throws IOException {
        Path from = book();
        byte[] all = Files.readAllBytes(from);
        // From the second page on nothing is what it was.
        for (int i = 4096; i < all.length; i++) {
            all[i] = (byte) 0xA5;
        }
        Files.write(from, all);
        Path to = folder.resolve("There.chalkbook");
        assertThrows(BookException.class, () -> BookMove.move(from, to));
        assertTrue(Files.exists(from));
        assertFalse(Files.exists(to));
        assertFalse(Files.exists(folder.resolve("There.chalkbook.part")));
    }
}

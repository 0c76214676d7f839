package wildchalk.storage.rescue;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Drill;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.BookException;
import wildchalk.storage.book.DamagedBook;
import wildchalk.storage.kind.Ref;

class RescueTest {

    private static final int PAGE = 4096;
    private static final int DRILLS = 12;

    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("Otters.chalkbook");
    }

    private static Drill drill(int n) {
        return Drill.empty("d" + n, "Drill " + n, "field-hockey", "whole")
                .withNotes(List.of("Point " + n + " " + "x".repeat(300 * n)), List.of(), List.of());
    }

    @BeforeEach
    void fill() {
        try (Book book = Book.open(file())) {
            for (int n = 0; n < DRILLS; n++) {
                book.drills().add(drill(n));
            }
            book.collect(book.collection("Wet evenings"), "d3", true);
            book.set("unit", "yd");
        }
    }

    private void copyOf(String day) throws IOException {
        Files.createDirectories(folder.resolve("Otters copies"));
        Files.copy(file(), folder.resolve("Otters copies").resolve(day + ".chalkbook"));
    }

    /** Turns a bit over in a drill's text, wherever in the file it stands first. */
    private void spoil(String words) throws IOException {
        byte[] all = Files.readAllBytes(file());
        byte[] sought = words.getBytes(StandardCharsets.US_ASCII);
        for (int i = 0; i + sought.length <= all.length; i++) {
            if (Arrays.equals(all, i, i + sought.length, sought, 0, sought.length)) {
                all[i] ^= 1;
                Files.write(file(), all);
                return;
            }
        }
        throw new IllegalStateException("nothing says " + words);
    }

    private void assertDamaged() {
        assertThrows(DamagedBook.class, () -> {
            try (Book book = Book.open(file())) {
                book.check();
            }
        });
    }

    private static Ref ref(String id) {
        return new Ref("drill", id);
    }

    private static Set<String> ids(Book book) {
        return book.rows().stream().map(Book.Row::id).collect(Collectors.toSet());
    }

    @Test
    void bitThatTurnedOverInADrillIsNoticedAndItsNewestVersionTakesItsPlace() throws Exception {
        spoil("Point 4 ");
        assertDamaged();
        byte[] damaged = Files.readAllBytes(file());
        Rescue.Saved saved = Rescue.save(file());
        assertEquals(DRILLS, saved.documents());
        assertEquals(List.of(), saved.fromCopy());
        assertEquals(List.of(), saved.older());
        assertEquals(List.of(), saved.lost());
        assertEquals(Optional.empty(), saved.copy());
        assertArrayEquals(damaged, Files.readAllBytes(file()), "the damaged book is as it was");
        Path aside = Rescue.take(saved);
        assertArrayEquals(damaged, Files.readAllBytes(aside));
        try (Book book = Book.open(file())) {
            book.check();
            assertEquals(drill(4), book.drills().load("d4"));
            assertEquals("yd", book.setting("unit", "m"));
            assertEquals(
                    Set.of(book.collection("Wet evenings")),
                    book.rows().stream()
                            .filter(r -> r.id().equals("d3"))
                            .findFirst()
                            .orElseThrow()
                            .collections());
            assertEquals("New drill", book.drills().history("d7").get(0).edit());
        }
    }

    @Test
    void whatIsGoneFromTheBookComesFromItsNewestGoodCopy() throws Exception {
        copyOf("2099-11-01");
        copyOf("2099-11-02");
        // A newer one that is damaged from end to end is passed over.
        Files.write(folder.resolve("Otters copies").resolve("2099-11-03.chalkbook"), new byte[PAGE * 3]);
        try (Book book = Book.open(file())) {
            book.drills().keep(drill(2).withTitle("Changed since"), "Rename drill");
        }
        byte[] all = Files.readAllBytes(file());
        Files.write(file(), Arrays.copyOf(all, PAGE * 8));
        assertDamaged();
        Rescue.Saved saved = Rescue.save(file());
        assertEquals(DRILLS, saved.documents());
        assertEquals(Optional.of(LocalDate.of(2099, 11, 2)), saved.copy());
        assertFalse(saved.fromCopy().isEmpty());
        assertTrue(saved.spoilt() > 0.3, "most of the file is missing: " + saved.spoilt());
        Rescue.take(saved);
        try (Book book = Book.open(file())) {
            assertEquals(DRILLS, ids(book).size());
        }
    }

    @Test
    void whatCanBeReadNowhereIsNamed() throws Exception {
        byte[] all = Files.readAllBytes(file());
        String text = new String(all, StandardCharsets.ISO_8859_1);
        // The drill's row and its only version, which is packed: both are spoilt.
        try (RandomAccessFile raf = new RandomAccessFile(file().toFile(), "rw")) {
            int row = text.indexOf("Point 11 ");
            raf.seek(row);
            raf.write('q');
            for (int at = text.indexOf("d11"); at >= 0; at = text.indexOf("d11", at + 1)) {
                int edit = text.indexOf("New drill", at);
                if (edit > at && edit - at < 16) {
                    raf.seek(edit + 30);
                    raf.write(all[edit + 30] ^ 4);
                }
            }
        }
        assertDamaged();
        Rescue.Saved saved = Rescue.save(file());
        assertEquals(List.of(new Rescue.Named("drill", "Drill 11")), saved.lost());
        assertEquals(DRILLS - 1, saved.documents());
    }

    @Test
    void beginningThatIsSpoiltIsNoReasonToTakeItForSomethingElse() throws Exception {
        byte[] all = Files.readAllBytes(file());
        Arrays.fill(all, 0, PAGE, (byte) 0);
        Files.write(file(), all);
        assertDamaged();
        Rescue.Saved saved = Rescue.save(file());
        assertEquals(DRILLS, saved.documents());
    }

    @Test
    void bookOfNothingWithCopiesBesideItIsNotBegunAnew() throws Exception {
        copyOf("2099-11-01");
        Files.write(file(), new byte[0]);
        assertDamaged();
        Rescue.Saved saved = Rescue.save(file());
        assertEquals(DRILLS, saved.fromCopy().size());
        assertEquals(1, saved.spoilt());
    }

    /** The program is stopped when the damaged book is out of the way and the saved one not yet in its place. */
    @Test
    void rescueThatWasStoppedHalfWayIsFinishedWhenTheBookIsOpened() throws Exception {
        spoil("Point 5 ");
        Rescue.save(file());
        Files.move(file(), folder.resolve("Otters damaged.chalkbook"));
        try (Book book = Book.open(file())) {
            assertEquals(DRILLS, ids(book).size());
        }
    }

    @Test
    void editsThatAreStillBesideTheFileAreReadToo() throws Exception {
        Path copy = Files.createDirectory(folder.resolve("copy")).resolve("Otters.chalkbook");
        try (Book book = Book.open(file())) {
            book.drills().keep(drill(1).withTitle("Written last"), "Rename drill");
            Files.copy(file(), copy);
            Files.copy(file().resolveSibling("Otters.chalkbook-wal"), copy.resolveSibling("Otters.chalkbook-wal"));
        }
        Salvage salvage = Salvage.of(copy);
        assertEquals("Written last", salvage.documents().get(ref("d1")).title());
        assertEquals(DRILLS, salvage.documents().size());
        assertEquals(0, salvage.spoilt());
    }

    @Test
    void whereNothingCanBeWrittenThatIsSaid() {
        BookException e = assertThrows(
                BookException.class, () -> Rescue.save(folder.resolve("nowhere").resolve("None.chalkbook")));
        assertTrue(e.getMessage().contains("The damaged book is as it was."), e.getMessage());
    }

    /** Every row that SQLite gives is found on the pages as well, to the letter. */
    @Test
    void pagesGiveTheSameRowsAsTheDatabase() throws Exception {
        Salvage salvage = Salvage.of(file());
        try (Book book = Book.open(file())) {
            for (String id : ids(book)) {
                assertEquals(
                        book.drills().text(id).orElseThrow(),
                        salvage.documents().get(ref(id)).body());
                assertEquals(
                        book.drills().history(id).size(),
                        salvage.versions().get(ref(id)).size());
            }
            assertEquals(
                    ids(book).stream().map(RescueTest::ref).collect(Collectors.toSet()),
                    salvage.known().keySet());
        }
    }
}

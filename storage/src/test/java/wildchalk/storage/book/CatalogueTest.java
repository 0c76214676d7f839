package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.catalogue.DrillSummarizer;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.DemoDrills;
import wildchalk.storage.format.DrillReader;

class CatalogueTest {

    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("Test.chalkbook");
    }

    @BeforeEach
    void fill() throws Exception {
        try (Book book = Book.open(file())) {
            for (String name : List.of("ferryman", "lamplighter", "skylark", "sixpenny", "turnstile")) {
                book.drills().add(DrillReader.read(DemoDrills.text(name)));
            }
        }
    }

    private static void look(Book book) {
        Map<Book.Unseen, DrillSummarizer.Seen> seen = new LinkedHashMap<>();
        book.unseen(100).forEach(u -> seen.put(u, u.look(Surfaces.BUILT_IN).orElseThrow()));
        book.seen(seen);
    }

    private static List<String> found(Book book, String words) {
        return book.search(words).stream()
                .map(n -> book.rows().stream()
                        .filter(r -> r.number() == n)
                        .findFirst()
                        .orElseThrow()
                        .id())
                .toList();
    }

    private static int number(Book book, String id) {
        return book.rows().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow()
                .number();
    }

    @Test
    void cardsKnowWhatWasSeenUntilTheDrillIsChanged() {
        try (Book book = Book.open(file())) {
            assertEquals(5, book.unseen(100).size());
            assertFalse(book.rows().get(0).seen());
            assertEquals("Turnstile", book.rows().get(0).summary().title());
            look(book);
            assertEquals(0, book.unseen(100).size());
            assertTrue(
                    book.rows().stream().allMatch(r -> r.seen() && r.summary().people() > 0));
            book.drills().keep(book.drills().load("skylark").withTitle("Skylark at noon"), "Rename drill");
            assertEquals(
                    List.of("skylark"),
                    book.unseen(100).stream().map(Book.Unseen::id).toList());
        }
    }

    @Test
    void wordsAreFoundWhereverTheyStand() {
        try (Book book = Book.open(file())) {
            look(book);
            assertEquals(List.of("turnstile"), found(book, "turnst"));
            // A title counts for more than anything else.
            assertEquals("sixpenny", found(book, "sixpenny").get(0));
            assertTrue(found(book, "cones yellow").contains("turnstile"));
            assertTrue(book.search("PASSES").size() > 1);
            assertEquals(List.of(), book.search("cones xylophone"));
            assertEquals(List.of(), book.search("  \"' ( * "));
        }
    }

    @Test
    void matchesAreLit() {
        try (Book book = Book.open(file())) {
            look(book);
            Map<Integer, Book.Lit> lit = book.lit("turn", List.of(number(book, "turnstile"), number(book, "skylark")));
            assertEquals(
                    List.of("", "Turnstile", ""),
                    lit.get(number(book, "turnstile")).title());
            Book.Lit pass =
                    book.lit("pass", book.search("pass")).values().iterator().next();
            assertTrue(pass.words().size() >= 3, pass.words().toString());
        }
    }

    @Test
    void whatIsTypedIsUnderstoodAsCoachesWriteIt() {
        assertEquals("\"2v1\"*", Catalogue.query("2 v 1"));
        assertEquals("\"3v2\"*", Catalogue.query("3vs2"));
        assertEquals("(\"cones\"* OR \"cone\") AND \"yellow\"*", Catalogue.query("Cones, yellow"));
        assertEquals("\"pass\"*", Catalogue.query("pass"));
        assertEquals("(\"passes\"* OR \"pass\")", Catalogue.query("passes"));
        assertEquals("\"über\"*", Catalogue.query("Über"));
        assertEquals("", Catalogue.query(" -- "));
    }

    /** What follows from the drills is made anew, whatever became of it. */
    @Test
    void spoiltSearchIsMadeAnew() throws Exception {
        try (Book book = Book.open(file())) {
            look(book);
        }
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file());
                Statement s = c.createStatement()) {
            s.execute("UPDATE words_data SET block = zeroblob(length(block)) WHERE id > 10");
        }
        try (Book book = Book.open(file())) {
            assertTrue(book.search("pass").size() > 1);
        }
    }
}

package wildchalk.bench.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Drill;
import wildchalk.core.soundness.Soundness;
import wildchalk.storage.book.Book;

/** What is measured is a book of drills that could be run. */
class LibraryTest {

    @TempDir
    private Path folder;

    @Test
    void drillsAreSoundAndEachIsAnother() {
        Set<String> titles = new HashSet<>();
        for (int n = 0; n < 700; n++) {
            Drill drill = Library.drill(n);
            assertEquals(List.of(), Soundness.faults(drill, drill.surface()), drill.title());
            titles.add(drill.title());
        }
        assertEquals(700, titles.size());
        assertEquals(Library.drill(5), Library.drill(5));
    }

    @Test
    void bookIsReadyToBeSearched() {
        Path file = folder.resolve("Made.chalkbook");
        BookMaker.make(file, 60);
        try (Book book = Book.open(file)) {
            assertTrue(book.rows().stream().allMatch(Book.Row::seen));
            assertTrue(book.search("heron").size() > 5);
        }
    }
}

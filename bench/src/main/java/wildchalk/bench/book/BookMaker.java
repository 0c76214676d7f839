package wildchalk.bench.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.catalogue.DrillSummarizer;
import wildchalk.core.drill.Drill;
import wildchalk.storage.book.Book;

/** Writes a book of made-up drills, looked over and ready to be searched. */
public final class BookMaker {

    private static final int AT_ONCE = 500;

    private BookMaker() {}

    /** @param args where to, and how many drills; a book that is there already stays */
    public static void main(String[] args) throws IOException {
        Path file = Path.of(args[0]);
        int drills = Integer.parseInt(args[1]);
        if (Files.exists(file)) {
            return;
        }
        make(file, drills);
        System.out.printf("a book of %d drills is written: %.0f MB%n", drills, Files.size(file) / 1e6);
    }

    /** Makes a book of this many drills. */
    public static void make(Path file, int drills) {
        try (Book book = Book.open(file)) {
            for (int from = 0; from < drills; from += AT_ONCE) {
                List<Drill> some = new ArrayList<>();
                for (int n = from; n < Math.min(drills, from + AT_ONCE); n++) {
                    some.add(Library.drill(n));
                }
                book.drills().addAll(some, "New drill");
                Map<Book.Unseen, DrillSummarizer.Seen> seen = new HashMap<>();
                book.unseen(AT_ONCE)
                        .forEach(u -> seen.put(u, u.look(book.surfaces()).orElseThrow()));
                book.seen(seen);
            }
        }
    }
}

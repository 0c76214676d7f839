package wildchalk.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.storage.book.Book;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** The drills of the Quillmoor Otters, a club that does not exist. */
public final class DemoBook {

    private static final List<String> DRILLS = List.of(
            "allotment",
            "carillon",
            "ferryman",
            "lamplighter",
            "millrace",
            "skylark",
            "sixpenny",
            "turnstile",
            "two-piers",
            "weathervane");
    private static final String OPENED_FIRST = "turnstile";

    private DemoBook() {}

    /** Puts the demo drills into a book that has none yet. */
    public static void fill(Book book) {
        if (book.rows().isEmpty()) {
            drills().forEach(book.drills()::add);
        }
    }

    /** The drill to begin with; empty when all were put aside. */
    static Optional<Drill> first(Book book) {
        List<String> ids =
                book.rows().stream().filter(r -> !r.isAside()).map(Book.Row::id).toList();
        return ids.stream()
                .filter(OPENED_FIRST::equals)
                .findFirst()
                .or(() -> ids.stream().findFirst())
                .map(book.drills()::load);
    }

    /** The demo drills as they were written. */
    public static List<Drill> drills() {
        return DRILLS.stream().map(DemoBook::read).toList();
    }

    private static Drill read(String name) {
        try (InputStream in = DemoBook.class.getResourceAsStream("demo/" + name + ".drill.json")) {
            return DrillReader.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException | FormatException e) {
            throw new IllegalStateException("the demo drill " + name + " cannot be read", e);
        }
    }
}

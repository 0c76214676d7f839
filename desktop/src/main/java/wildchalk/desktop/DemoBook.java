package wildchalk.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.storage.book.Book;
import wildchalk.storage.format.DrillFileException;
import wildchalk.storage.format.DrillReader;

/** The drills of the Quillmoor Otters, a club that does not exist. */
public final class DemoBook {

    private static final List<String> DRILLS = List.of("ferryman", "skylark", "turnstile");

    private DemoBook() {
    }

    /** Puts the demo drills into a book that has none yet. */
    public static void fill(Book book) {
        if (book.drills().isEmpty() && book.deleted().isEmpty()) {
            drills().forEach(book::add);
        }
    }

    static Drill first(Book book) {
        return book.drills().stream().map(Book.Entry::drill).filter(d -> d.id().equals("turnstile")).findFirst()
                .orElseGet(() -> book.drills().get(0).drill());
    }

    /** The demo drills as they were written. */
    public static List<Drill> drills() {
        return DRILLS.stream().map(DemoBook::read).toList();
    }

    private static Drill read(String name) {
        try (InputStream in = DemoBook.class.getResourceAsStream("demo/" + name + ".drill.json")) {
            return DrillReader.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException | DrillFileException e) {
            throw new IllegalStateException("the demo drill " + name + " cannot be read", e);
        }
    }
}

package wildchalk.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.squad.Squad;
import wildchalk.storage.book.Book;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.SquadReader;
import wildchalk.storage.kind.SquadKind;

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
            book.of(SquadKind.SQUADS).add(squad());
        }
    }

    /** The people of the club: none of them exists. */
    public static Squad squad() {
        try {
            return SquadReader.read(text("otters.squad.json"));
        } catch (IOException | FormatException e) {
            throw new IllegalStateException("the demo squad cannot be read", e);
        }
    }

    private static String text(String file) throws IOException {
        try (InputStream in = DemoBook.class.getResourceAsStream("demo/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
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
        try {
            return DrillReader.read(text(name + ".drill.json"));
        } catch (IOException | FormatException e) {
            throw new IllegalStateException("the demo drill " + name + " cannot be read", e);
        }
    }
}

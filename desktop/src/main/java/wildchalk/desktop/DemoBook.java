package wildchalk.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.Entry;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.squad.Squad;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Kept;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.PracticeReader;
import wildchalk.storage.format.SquadReader;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.SquadKind;

/** The drills, the squad and the evenings of the Quillmoor Otters, a club that does not exist. */
public final class DemoBook {

    private static final List<String> DRILLS = List.of(
            // Among the last in the book: it is there to be tried out.
            "mousetrap",
            "starlings",
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
    private static final List<String> PRACTICES =
            List.of("corners-thursday", "rink-sunday", "gym-friday", "long-tuesday");
    private static final String OPENED_FIRST = "turnstile";
    /** Wrong on purpose, and new: nobody has ever run them. */
    private static final List<String> NEVER_RUN = List.of("mousetrap", "starlings");

    private DemoBook() {}

    /** Puts the demo drills into a book that has none yet. */
    public static void fill(Book book) {
        if (book.rows().isEmpty()) {
            drills().forEach(book.drills()::add);
            book.of(SquadKind.SQUADS).add(squad());
            Kept<Practice> evenings = book.of(PracticeKind.PRACTICES);
            List<String> added = practices().stream()
                    .map(p -> evenings.add(planned(p, book)).id())
                    .toList();
            // Written within a millisecond, none of them would be the last one.
            evenings.use(added.get(added.size() - 1));
        }
    }

    /** The squad of a demo book that has no log yet; empty for one that has. */
    static Optional<Squad> withoutSeason(Book book) {
        return book.standing().isKept() && book.of(LogKind.LOGS).list().isEmpty()
                ? book.of(SquadKind.SQUADS).list().stream().findFirst().map(s -> book.of(SquadKind.SQUADS)
                        .load(s.id()))
                : Optional.empty();
    }

    /** Puts a season into a book, of its drills as they are now; how many evenings it has. */
    static int season(Book book, List<Entry> season) {
        return book.of(LogKind.LOGS)
                .addAll(season.stream().map(e -> planned(e, book)).toList(), DemoSeason.BOOK.say("edit"))
                .size();
    }

    private static Entry planned(Entry entry, Book book) {
        return entry.of(entry.parts().stream()
                .map(p -> p.drill()
                        .map(d -> p.of(new Content.Planned(d.id(), book.drills().newest(d.id()), d.title())))
                        .orElse(p))
                .toList());
    }

    /** With the drills as they are in the book now. */
    private static Practice planned(Practice practice, Book book) {
        return practice.planning(p -> new Content.Planned(p.id(), book.drills().newest(p.id()), p.title()));
    }

    /** Evenings of the club, the one that is opened first last. One of them does not fit. */
    public static List<Practice> practices() {
        return PRACTICES.stream()
                .map(name -> read(name + ".practice.json", PracticeReader::read))
                .toList();
    }

    /** The people of the club: none of them exists. */
    public static Squad squad() {
        return read("otters.squad.json", SquadReader::read);
    }

    /** What makes a document of a text. */
    private interface Reader<T> {
        T read(String text) throws FormatException;
    }

    private static <T> T read(String file, Reader<T> reader) {
        try (InputStream in = DemoBook.class.getResourceAsStream("demo/" + file)) {
            return reader.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException | FormatException e) {
            throw new IllegalStateException("the demo's " + file + " cannot be read", e);
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

    /** Those of the demo drills that a season may have. */
    static List<Drill> everRun() {
        return drills().stream().filter(d -> !NEVER_RUN.contains(d.id())).toList();
    }

    /** The demo drills as they were written. */
    public static List<Drill> drills() {
        return DRILLS.stream()
                .map(name -> read(name + ".drill.json", DrillReader::read))
                .toList();
    }
}

package wildchalk.storage.book;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jdbi.v3.core.Handle;
import wildchalk.core.catalogue.DrillQuery;
import wildchalk.core.catalogue.DrillSummarizer;
import wildchalk.core.catalogue.DrillSummary;
import wildchalk.core.document.Document;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.Entry;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Kinds;
import wildchalk.storage.kind.Ref;
import wildchalk.storage.kind.Typed;

/**
 * An open book: documents by their kinds ({@link #of}), what the coach prefers, and what is known of the drills at a
 * glance. Calls may come from any thread, one at a time; each that changes something is one transaction.
 */
public final class Book implements AutoCloseable {

    /** How long a document that was put aside can be brought back; one that another names stays longer. */
    public static final Duration ASIDE = Duration.ofDays(90);

    private static final String TAKEN_IN = "Taken in from a file";

    private final Access access;
    private volatile Surfaces surfaces;
    private final Clock clock;
    private final Map<String, EntryRows.Known> entries = new ConcurrentHashMap<>();
    private final Set<Ref> unkept = Collections.synchronizedSet(new LinkedHashSet<>());

    private Book(Access access, Surfaces surfaces, Clock clock) {
        this.access = access;
        this.surfaces = surfaces;
        this.clock = clock;
    }

    /**
     * A drill as a card shows it.
     *
     * @param number by which the search knows it; 0 when it was never looked at
     * @param known what is known of it at a glance
     * @param seen whether it was looked at since it was changed; when not, little more than the title is known
     * @param dates when it was changed, put aside and used
     * @param collections ids of those it is in
     */
    public record Row(
            String id,
            int number,
            String title,
            Supplier<DrillSummary> known,
            boolean seen,
            Dates dates,
            boolean favourite,
            Set<Long> collections)
            implements DrillQuery.Dated {

        /**
         * When what was done with it, in milliseconds since 1970.
         *
         * @param deleted when it was put aside; 0 while it is in the book
         * @param used when it was last used; 0 for never
         */
        public record Dates(long changed, long deleted, long used) {}

        @Override
        public long changed() {
            return dates.changed();
        }

        @Override
        public long used() {
            return dates.used();
        }

        /** When it was put aside, in milliseconds since 1970; 0 while it is in the book. */
        public long deleted() {
            return dates.deleted();
        }

        @Override
        public DrillSummary summary() {
            return known.get();
        }

        /** Whether it was put aside. */
        public boolean isAside() {
            return deleted() > 0;
        }
    }

    /** The text of a drill that is to be looked at. */
    public record Unseen(String id, long sum, String body) {

        /** What is seen of it; on any thread. Empty when it cannot be read. */
        public Optional<DrillSummarizer.Seen> look(Surfaces surfaces) {
            try {
                return Optional.of(
                        DrillSummarizer.at(DrillReader.told(body, surfaces).document()));
            } catch (FormatException e) {
                return Optional.empty();
            }
        }
    }

    /** Where the words of a search stand: texts in pieces, every second of which is lit. */
    public record Lit(List<String> title, List<String> words) {}

    /** Opens a book of drills on surfaces that come with the program. */
    public static Book open(Path file) {
        return open(file, Surfaces.BUILT_IN);
    }

    /**
     * Opens a book, or begins one where there is none.
     *
     * @param surfaces those there are; drills on others are shown on a space in their place
     * @throws DamagedBook when it is damaged
     * @throws BookException when the file is something else or cannot be begun; it is left as it was
     */
    public static Book open(Path file, Surfaces surfaces) {
        return open(file, surfaces, Clock.systemUTC());
    }

    static Book open(Path file, Clock clock) {
        return open(file, Surfaces.BUILT_IN, clock);
    }

    private static Book open(Path file, Surfaces surfaces, Clock clock) {
        Book book = new Book(Access.to(file, clock), surfaces, clock);
        try {
            book.purge();
            return book;
        } catch (BookException e) {
            book.close();
            throw e;
        }
    }

    /** The file of the book. */
    public Path file() {
        return access.file();
    }

    /** The surfaces there are; on any thread. */
    public Surfaces surfaces() {
        return surfaces;
    }

    /** Knows more surfaces from now on, such as came with drills; those that are there stay. */
    public void know(List<SurfacePlan> more) {
        surfaces = surfaces.knowing(more);
    }

    /** How it stands to its file. */
    public Standing standing() {
        return access.standing();
    }

    /** Something a coach should know about what was kept, once. */
    public Optional<String> word() {
        return access.word();
    }

    /**
     * Does what waits to the file, when that can be written again, or when the other window has closed it; whether that
     * changed anything.
     */
    public boolean tryAgain() {
        boolean written = access.tryAgain();
        if (written) {
            unkept.clear();
        }
        return written;
    }

    /** What the coach prefers; {@code usual} when nothing was chosen yet. */
    public String setting(String name, String usual) {
        return ask(h -> h.createQuery("SELECT value FROM setting WHERE name = :name")
                .bind("name", name)
                .mapTo(String.class)
                .findOne()
                .orElse(usual));
    }

    /** Keeps what the coach prefers. */
    public void set(String name, String value) {
        change(h -> h.createUpdate("INSERT INTO setting (name, value) VALUES (:name, :value) "
                        + "ON CONFLICT (name) DO UPDATE SET value = :value")
                .bind("name", name)
                .bind("value", value)
                .execute());
    }

    /** Every drill, put aside or not, the one changed last first. */
    public List<Row> rows() {
        return ask(h -> new Catalogue(h).rows());
    }

    /** The documents of a kind. */
    public <T extends Document<T>> Kept<T> of(Kind<T> kind) {
        return new Kept<>(kind.knowing(surfaces), access, clock, unkept);
    }

    /** The documents of any kind that were changed and are in memory only. */
    public List<Typed<?>> unkept() {
        return Kinds.USUAL.all().stream()
                .<Typed<?>>flatMap(kind -> unkept(kind).stream())
                .toList();
    }

    private <T extends Document<T>> List<Typed<T>> unkept(Kind<T> kind) {
        Kept<T> kept = of(kind);
        return kept.unkept().stream().map(kept::typed).toList();
    }

    /** The drills. */
    public Kept<Drill> drills() {
        return of(DrillKind.DRILLS);
    }

    /**
     * Adds documents and keeps others as new versions of those that have their ids, all or nothing.
     *
     * @param fresh get another id when theirs is taken
     */
    public void takeIn(List<Typed<?>> fresh, List<Typed<?>> changed) {
        long now = clock.millis();
        List<Ref> taken = change(h -> {
            List<Ref> refs = new ArrayList<>();
            changed.forEach(t -> refs.add(change(h, t, now)));
            fresh.forEach(t -> refs.add(insert(h, t, now)));
            return refs;
        });
        if (!standing().isKept()) {
            unkept.addAll(taken);
        }
    }

    private static <T extends Document<T>> Ref insert(Handle h, Typed<T> taken, long now) {
        return new Ref(
                taken.kind().word(),
                Kept.insert(h, taken.kind(), taken.document(), TAKEN_IN, now).id());
    }

    private static <T extends Document<T>> Ref change(Handle h, Typed<T> taken, long now) {
        new DocumentRows(h).delete(taken.kind().word(), taken.document().id(), null);
        Kept.change(h, taken.kind(), taken.document(), TAKEN_IN, now);
        return new Ref(taken.kind().word(), taken.document().id());
    }

    private void purge() {
        long before = clock.millis() - ASIDE.toMillis();
        if (standing().isKept() && ask(h -> new DocumentRows(h).anyToPurge(before))) {
            change(h -> new DocumentRows(h).purge(before));
        }
    }

    /** The named sets of drills, by name. */
    public List<Shelf.Collection> collections() {
        return ask(h -> new Shelf(h).collections());
    }

    /** The id of the collection of this name, which is made when there is none. */
    public long collection(String name) {
        return change(h -> new Shelf(h).collection(name));
    }

    /** Calls a collection otherwise, by its id. */
    public void renameCollection(long collection, String name) {
        arrange(s -> s.rename(collection, name));
    }

    /** The drills that were in it stay in the book. */
    public void removeCollection(long collection) {
        arrange(s -> s.remove(collection));
    }

    /** Puts a drill into a collection or takes it out, by their ids. */
    public void collect(long collection, String id, boolean in) {
        arrange(s -> s.collect(collection, id, in));
    }

    private void arrange(Consumer<Shelf> how) {
        change(h -> {
            how.accept(new Shelf(h));
            return null;
        });
    }

    /** Every entry of the log that is not put aside, in no order; one that cannot be read is left out. */
    public List<Entry> entries() {
        return access.derive(h -> new EntryRows(h, entries).all()).orElse(List.of());
    }

    /** Some of the drills that were not looked at since they were changed. */
    public List<Unseen> unseen(int most) {
        return ask(h -> new Catalogue(h).unseen(most));
    }

    /**
     * Keeps what was seen of drills, for cards and search; that is no edit, and where it cannot be kept it is
     * forgotten. Their numbers, by id.
     */
    public Map<String, Integer> seen(Map<Unseen, DrillSummarizer.Seen> seen) {
        return access.derive(h -> {
                    Map<String, Integer> numbers = new HashMap<>();
                    seen.forEach((of, s) -> new Catalogue(h).put(of, s).ifPresent(n -> numbers.put(of.id(), n)));
                    return numbers;
                })
                .orElse(Map.of());
    }

    /** Numbers of the drills in whose texts every word stands, best first. */
    public List<Integer> search(String words) {
        return access.derive(h -> new Catalogue(h).search(words)).orElse(List.of());
    }

    /** Where the words of a search stand in some of the drills that it found. */
    public Map<Integer, Lit> lit(String words, List<Integer> numbers) {
        return ask(h -> new Catalogue(h).lit(words, numbers));
    }

    /**
     * Reads every document of the file, and compares it with its check sum and the lists with the documents; takes a
     * while in a large book, and goes on beside whatever else is asked. A file that is only looked at is left to
     * whoever writes it.
     *
     * @throws DamagedBook when one is not as it was written
     */
    public void check() {
        if (!standing().isKept()) {
            return;
        }
        access.beside(h -> {
            if (!Opening.allFaults(h).isEmpty()
                    || !new DocumentRows(h).damaged().isEmpty()) {
                throw new DamagedBook(file(), null);
            }
        });
    }

    private <T> T ask(Function<Handle, T> question) {
        return access.ask(question);
    }

    private <T> T change(Function<Handle, T> work) {
        return access.change(work);
    }

    @Override
    public void close() {
        access.close();
    }
}

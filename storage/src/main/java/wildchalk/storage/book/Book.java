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
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jdbi.v3.core.Handle;
import wildchalk.core.catalogue.Asked;
import wildchalk.core.catalogue.Glance;
import wildchalk.core.catalogue.Glancing;
import wildchalk.core.drill.Drill;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** An open book. Calls may come from any thread, one at a time; each is one transaction. */
public final class Book implements AutoCloseable {

    /** How long a drill that was put aside can be brought back. */
    public static final Duration ASIDE = Duration.ofDays(90);
    /** Of old versions no more letters than these are read again for undo, so that it takes a second and not ten; measured. */
    private static final int MOST_LETTERS = 8_000_000;

    private final Access access;
    private final Clock clock;
    private final Set<String> unkept = Collections.synchronizedSet(new LinkedHashSet<>());

    private Book(Access access, Clock clock) {
        this.access = access;
        this.clock = clock;
    }

    /**
     * A drill as a card shows it.
     *
     * @param number by which the search knows it; 0 when it was never looked at
     * @param known what is known of it at a glance
     * @param seen whether it was looked at since it was changed; when not, little more than the title is known
     * @param changed in milliseconds since 1970
     * @param deleted when it was put aside, in the same; 0 while it is in the book
     * @param used when it was last used; 0 for never
     * @param collections ids of those it is in
     */
    public record Row(String id, int number, String title, Supplier<Glance> known, boolean seen, long changed, long deleted, boolean favourite, long used,
                      Set<Long> collections) implements Asked.Dated {

        @Override
        public Glance glance() {
            return known.get();
        }

        public boolean isAside() {
            return deleted > 0;
        }
    }

    /** The text of a drill that is to be looked at. */
    public record Unseen(String id, long sum, String body) {

        /** What is seen of it; on any thread. Empty when it cannot be read. */
        public Optional<Glancing.Seen> look() {
            try {
                return Optional.of(Glancing.at(DrillReader.read(body)));
            } catch (FormatException e) {
                return Optional.empty();
            }
        }
    }

    /** Where the words of a search stand: texts in pieces, every second of which is lit. */
    public record Lit(List<String> title, List<String> words) {
    }

    /**
     * Opens a book, or begins one where there is none.
     *
     * @throws DamagedBook when it is damaged
     * @throws BookException when the file is something else or cannot be begun; it is left as it was
     */
    public static Book open(Path file) {
        return open(file, Clock.systemUTC());
    }

    static Book open(Path file, Clock clock) {
        Book book = new Book(Access.to(file, clock), clock);
        try {
            book.purge();
            return book;
        } catch (BookException e) {
            book.close();
            throw e;
        }
    }

    public Path file() {
        return access.file();
    }

    /** How it stands to its file. */
    public Standing standing() {
        return access.standing();
    }

    /** Something a coach should know about what was kept, once. */
    public Optional<String> word() {
        return access.word();
    }

    /** Does what waits to the file, when that can be written again, or when the other window has closed it; whether that changed anything. */
    public boolean tryAgain() {
        boolean written = access.tryAgain();
        if (written) {
            unkept.clear();
        }
        return written;
    }

    /** What the coach prefers; {@code usual} when nothing was chosen yet. */
    public String setting(String name, String usual) {
        return ask(h -> h.createQuery("SELECT value FROM setting WHERE name = :name").bind("name", name)
                .mapTo(String.class).findOne().orElse(usual));
    }

    /** Keeps what the coach prefers. */
    public void set(String name, String value) {
        change(h -> h.createUpdate("INSERT INTO setting (name, value) VALUES (:name, :value) "
                + "ON CONFLICT (name) DO UPDATE SET value = :value").bind("name", name).bind("value", value).execute());
    }

    /** Every drill, put aside or not, the one changed last first. */
    public List<Row> rows() {
        return ask(h -> new Catalogue(h).rows());
    }

    /**
     * The drill with this id.
     *
     * @throws BookException when there is none, or it is damaged
     */
    public Drill load(String id) {
        return find(id).orElseThrow(() -> new BookException("That drill is no longer in the book.", null));
    }

    /** The text of a drill, to be read on any thread; empty when there is none. */
    public Optional<String> text(String id) {
        return ask(h -> new DrillRows(h).get(id)).map(DrillRows.Raw::body);
    }

    /** The drill; empty when there is none. */
    public Optional<Drill> find(String id) {
        return ask(h -> new DrillRows(h).get(id)).map(row -> parse(file().getFileName().toString(), row.body()));
    }

    /** Adds a drill; it gets another id when its own is taken. The drill as it stands in the book. */
    public Drill add(Drill drill) {
        return addAll(List.of(drill), "New drill").get(0);
    }

    /** Adds drills, all or none; each gets another id when its own is taken. The drills as they stand in the book. */
    public List<Drill> addAll(List<Drill> drills, String edit) {
        long now = clock.millis();
        List<Drill> added = change(h -> {
            List<Drill> fresh = new ArrayList<>();
            for (Drill drill : drills) {
                Drill free = drill.withId(new DrillRows(h).free(drill.id()));
                insert(h, free, edit, now);
                fresh.add(free);
            }
            return fresh;
        });
        touch(added.stream().map(Drill::id).toList());
        return added;
    }

    /**
     * Adds drills and keeps others as new versions of those that have their ids, all or nothing.
     *
     * @param fresh get another id when theirs is taken
     */
    public void takeIn(List<Drill> fresh, List<Drill> changed) {
        long now = clock.millis();
        change(h -> {
            for (Drill drill : changed) {
                new DrillRows(h).delete(drill.id(), null);
                keep(h, drill, "Taken in from a file", now);
            }
            fresh.forEach(drill -> insert(h, drill.withId(new DrillRows(h).free(drill.id())), "Taken in from a file", now));
            return null;
        });
        touch(fresh.stream().map(Drill::id).toList());
        touch(changed.stream().map(Drill::id).toList());
    }

    private static void insert(Handle h, Drill drill, String edit, long now) {
        new VersionRows(h).add(drill.id(), edit, new DrillRows(h).insert(drill, now), now);
    }

    /**
     * Keeps a drill as an edit has left it.
     *
     * @param edit the name of what was done
     */
    public void keep(Drill drill, String edit) {
        long now = clock.millis();
        change(h -> keep(h, drill, edit, now));
        touch(List.of(drill.id()));
    }

    private static Void keep(Handle h, Drill drill, String edit, long now) {
        new VersionRows(h).add(drill.id(), edit, new DrillRows(h).change(drill, now), now);
        return null;
    }

    private void touch(List<String> ids) {
        if (!standing().isKept()) {
            unkept.addAll(ids);
        }
    }

    /** The drills that were changed and are in memory only. */
    public List<Drill> unkept() {
        return Set.copyOf(unkept).stream().map(this::load).toList();
    }

    /** Every version of a drill that is there, newest first. */
    public List<Version> history(String id) {
        return ask(h -> new VersionRows(h).of(id));
    }

    /** The versions for undo, oldest first: as far back as they can be read, {@value #MOST_LETTERS} letters at most. */
    public List<Version> versions(String id) {
        List<Version> newest = new ArrayList<>();
        long letters = 0;
        for (Version version : history(id)) {
            letters += version.body() == null ? MOST_LETTERS + 1 : version.text().length();
            if (letters > MOST_LETTERS || newest.size() == VersionRows.NEWEST) {
                break;
            }
            newest.add(0, version);
        }
        return newest;
    }

    /** A copy of a drill, next to it in the book. */
    public Drill duplicate(String id) {
        Drill drill = load(id);
        return add(drill.withTitle(drill.title() + " (copy)"));
    }

    /** Puts a drill aside; {@link #restore} brings it back. */
    public void delete(String id) {
        long now = clock.millis();
        change(h -> {
            new DrillRows(h).delete(id, now);
            return null;
        });
    }

    public void restore(String id) {
        change(h -> {
            new DrillRows(h).delete(id, null);
            return null;
        });
    }

    private void purge() {
        long before = clock.millis() - ASIDE.toMillis();
        if (standing().isKept() && ask(h -> new DrillRows(h).anyToPurge(before))) {
            change(h -> new DrillRows(h).purge(before));
        }
    }

    /** The named sets of drills, by name. */
    public List<Shelf.Collection> collections() {
        return ask(h -> new Shelf(h).collections());
    }

    public void favourite(String id, boolean is) {
        arrange(s -> s.favourite(id, is));
    }

    /** Says that a drill was opened, shown or handed out now. */
    public void use(String id) {
        long now = clock.millis();
        // Not worth waiting for: a window that only looked must be able to take the book over.
        if (standing().isKept()) {
            arrange(s -> s.use(id, now));
        }
    }

    /** The id of the collection of this name, which is made when there is none. */
    public long collection(String name) {
        return change(h -> new Shelf(h).collection(name));
    }

    public void renameCollection(long collection, String name) {
        arrange(s -> s.rename(collection, name));
    }

    /** The drills that were in it stay in the book. */
    public void removeCollection(long collection) {
        arrange(s -> s.remove(collection));
    }

    public void collect(long collection, String id, boolean in) {
        arrange(s -> s.collect(collection, id, in));
    }

    private void arrange(Consumer<Shelf> how) {
        change(h -> {
            how.accept(new Shelf(h));
            return null;
        });
    }

    /** Some of the drills that were not looked at since they were changed. */
    public List<Unseen> unseen(int most) {
        return ask(h -> new Catalogue(h).unseen(most));
    }

    /** Keeps what was seen of drills, for cards and search; that is no edit, and where it cannot be kept it is forgotten. Their numbers, by id. */
    public Map<String, Integer> seen(Map<Unseen, Glancing.Seen> seen) {
        return access.derive(h -> {
            Map<String, Integer> numbers = new HashMap<>();
            seen.forEach((of, s) -> new Catalogue(h).put(of, s).ifPresent(n -> numbers.put(of.id(), n)));
            return numbers;
        }).orElse(Map.of());
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
     * Reads every drill of the file, and compares it with its check sum and the lists with the drills; takes a while in a large
     * book, and goes on beside whatever else is asked. A file that is only looked at is left to whoever writes it.
     *
     * @throws DamagedBook when one is not as it was written
     */
    public void check() {
        if (!standing().isKept()) {
            return;
        }
        access.beside(h -> {
            if (!Opening.allFaults(h).isEmpty() || !new DrillRows(h).damaged().isEmpty()) {
                throw new DamagedBook(file(), null);
            }
        });
    }

    static Drill parse(String book, String body) {
        try {
            return DrillReader.read(body);
        } catch (FormatException e) {
            throw new BookException("A drill in " + book + " cannot be read: " + e.getMessage()
                    + ". Nothing in the book was changed.", e);
        }
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

package wildchalk.storage.book;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;

/**
 * All that a book holds, as rows, to be put into a new one.
 *
 * @param collections ids of the drills in each, by its name
 */
public record Contents(List<DrillRows.Raw> drills, List<VersionRows.Raw> versions, Map<String, String> settings,
                       Map<String, Set<String>> collections) {

    /** Where what was saved of a damaged book waits beside it until it is taken in its place. */
    public static Path saved(Path book) {
        return book.resolveSibling(book.getFileName() + ".saved");
    }

    /** What orders the drills, and what the coach prefers. */
    public record Order(Map<String, String> settings, Map<String, Set<String>> collections) {
    }

    /** As much of the order as can be read from a file, which may be damaged. */
    public static Order order(Path file) {
        Map<String, String> settings = new HashMap<>();
        Map<String, Set<String>> collections = new HashMap<>();
        tolerant(() -> {
            try (Handle h = Sqlite.ofUnwritable(file)) {
                tolerant(() -> h.createQuery("SELECT name, value FROM setting").map((row, c) -> settings.put(row.getString(1), row.getString(2))).list());
                tolerant(() -> collections(h, collections));
                return true;
            }
        });
        return new Order(settings, collections);
    }

    private static boolean collections(Handle h, Map<String, Set<String>> into) {
        Map<Long, String> names = new HashMap<>();
        new Shelf(h).collections().forEach(c -> names.put(c.id(), c.name()));
        names.values().forEach(n -> into.put(n, new HashSet<>()));
        new Shelf(h).collected().forEach((drill, in) -> in.stream().filter(names::containsKey).forEach(c -> into.get(names.get(c)).add(drill)));
        return true;
    }

    private static void tolerant(Supplier<?> read) {
        try {
            read.get();
        } catch (JdbiException | IllegalStateException e) {
            // Where the pages cannot be read there is nothing to tell; the copy is asked next.
        }
    }

    /**
     * Begins a book with all of it.
     *
     * @throws BookException when it cannot be written
     */
    public void begin(Path file) {
        Opening.Opened opened = Opening.open(file, Clock.systemUTC());
        try (Handle handle = opened.handle(); Lock lock = opened.lock().orElseThrow(() -> Opening.cannotWrite(file, null))) {
            handle.useTransaction(h -> {
                drills.forEach(new DrillRows(h)::put);
                versions.forEach(new VersionRows(h)::put);
                settings.forEach((name, value) -> h.execute("INSERT OR REPLACE INTO setting (name, value) VALUES (?, ?)", name, value));
                Shelf shelf = new Shelf(h);
                collections.forEach((name, ids) -> {
                    long collection = shelf.collection(name);
                    List<String> known = new ArrayList<>(ids);
                    known.retainAll(drills.stream().map(DrillRows.Raw::id).toList());
                    known.forEach(id -> shelf.collect(collection, id, true));
                });
            });
        } catch (JdbiException e) {
            throw Opening.cannotWrite(file, e);
        }
    }
}

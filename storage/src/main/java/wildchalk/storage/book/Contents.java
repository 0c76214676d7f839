package wildchalk.storage.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import wildchalk.core.document.Document;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Kinds;

/**
 * All that a book holds, as rows, to be put into a new one.
 *
 * @param collections ids of the drills in each, by its name
 */
public record Contents(
        List<DocumentRows.Raw> documents,
        List<VersionRows.Raw> versions,
        Map<String, String> settings,
        Map<String, Set<String>> collections) {

    /** Where what was saved of a damaged book waits beside it until it is taken in its place. */
    public static Path saved(Path book) {
        return book.resolveSibling(book.getFileName() + ".saved");
    }

    /** Damaged books that lie beside it, with what belongs to them. */
    static List<Path> damaged(Path book) {
        String name = book.getFileName().toString().replaceFirst("\\.chalkbook$", "");
        try (Stream<Path> files = Files.list(book.toAbsolutePath().getParent())) {
            return files.filter(f -> f.getFileName().toString().startsWith(name + " damaged "))
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    /** What orders the drills, and what the coach prefers. */
    public record Order(Map<String, String> settings, Map<String, Set<String>> collections) {}

    /** As much of the order as can be read from a file, which may be damaged. */
    public static Order order(Path file) {
        Map<String, String> settings = new HashMap<>();
        Map<String, Set<String>> collections = new HashMap<>();
        tolerant(() -> {
            try (Handle h = Sqlite.ofUnwritable(file)) {
                tolerant(() -> h.createQuery("SELECT name, value FROM setting")
                        .map((row, c) -> settings.put(row.getString(1), row.getString(2)))
                        .list());
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
        new Shelf(h).collected().forEach((drill, in) -> in.stream()
                .filter(names::containsKey)
                .forEach(c -> into.get(names.get(c)).add(drill)));
        return true;
    }

    private static void tolerant(Supplier<?> read) {
        try {
            Object unused = read.get();
        } catch (JdbiException | IllegalStateException e) {
            // Where the pages cannot be read there is nothing to tell; the copy is asked next.
        }
    }

    /**
     * Begins a book with all of it.
     *
     * @param kinds those that are known: which versions a document of another kind names cannot be told
     * @throws BookException when it cannot be written
     */
    public void begin(Path file, Kinds kinds) {
        Opening.Opened opened = Opening.open(file, Clock.systemUTC());
        try (Handle handle = opened.handle();
                Lock lock = opened.lock().orElseThrow(() -> Opening.cannotWrite(file, null))) {
            handle.useTransaction(h -> {
                documents.forEach(new DocumentRows(h)::put);
                versions.forEach(new VersionRows(h)::put);
                point(h, kinds);
                settings.forEach((name, value) ->
                        h.execute("INSERT OR REPLACE INTO setting (name, value) VALUES (?, ?)", name, value));
                Shelf shelf = new Shelf(h);
                collections.forEach((name, ids) -> {
                    long collection = shelf.collection(name);
                    List<String> known = new ArrayList<>(ids);
                    known.retainAll(documents.stream()
                            .filter(d -> d.kind().equals(DrillKind.DRILLS.word()))
                            .map(DocumentRows.Raw::id)
                            .toList());
                    known.forEach(id -> shelf.collect(collection, id, true));
                });
            });
        } catch (JdbiException e) {
            throw Opening.cannotWrite(file, e);
        }
    }

    /** Works out anew which versions are named by documents, and by old versions of those. */
    private void point(Handle h, Kinds kinds) {
        for (Kind<?> kind : kinds.all()) {
            if (kind.canPoint()) {
                documents.stream()
                        .filter(d -> d.kind().equals(kind.word()))
                        .forEach(d -> point(h, kind, d.id(), d.body()));
                versions.stream()
                        .filter(v -> v.kind().equals(kind.word()))
                        .forEach(v -> point(h, kind, v.id(), v.body()));
            }
        }
    }

    private static <T extends Document<T>> void point(Handle h, Kind<T> kind, String id, Object body) {
        try {
            new DocumentRows(h)
                    .point(kind, kind.read(Packing.text(body)).document().withId(id));
        } catch (IOException | FormatException e) {
            // What cannot be read names nothing.
        }
    }
}

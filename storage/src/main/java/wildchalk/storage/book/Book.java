package wildchalk.storage.book;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.History;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.DrillWriter;

/** An open book. Calls may come from any thread, one at a time; each is one transaction. */
public final class Book implements AutoCloseable {

    private static final int APPLICATION_ID = 1464033899;
    private static final byte[] SQLITE = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    private static final int VERSIONS_KEPT = 200;
    /** Of old versions no more than this is read again, so that it takes a second and not ten; measured. */
    private static final int MOST_LETTERS = 8_000_000;

    private final Path file;
    private final Handle handle;
    private final Clock clock;

    private Book(Path file, SQLiteDataSource source, Clock clock) {
        this.file = file;
        this.clock = clock;
        this.handle = Jdbi.open(source);
    }

    /** A drill in the book and when it was last changed, in milliseconds since 1970. */
    public record Entry(Drill drill, long changed) {
    }

    /**
     * Opens a book, or begins one where there is none.
     *
     * @throws BookException when the file is something else or cannot be written; it is left as it was
     */
    public static Book open(Path file) {
        return open(file, Clock.systemUTC());
    }

    static Book open(Path file, Clock clock) {
        refuseWhatIsNoBook(file);
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(3000);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file);
        try {
            Flyway.configure().dataSource(source).locations("classpath:wildchalk/storage/book").load().migrate();
            return new Book(file, source, clock);
        } catch (FlywayException | JdbiException e) {
            throw cannotWrite(file, e);
        }
    }

    private static void refuseWhatIsNoBook(Path file) {
        try {
            if (file.toAbsolutePath().getParent() != null) {
                Files.createDirectories(file.toAbsolutePath().getParent());
            }
            if (!Files.exists(file) || Files.isRegularFile(file) && Files.size(file) == 0) {
                return;
            }
            if (Files.isDirectory(file) || !isBook(file)) {
                throw new BookException(file.getFileName() + " is not a Wild Chalk book. It has been left as it is. "
                        + "Choose another file, or a new name to begin a new book.", null);
            }
            if (!Files.isWritable(file)) {
                throw cannotWrite(file, null);
            }
        } catch (IOException e) {
            throw cannotWrite(file, e);
        }
    }

    private static boolean isBook(Path file) throws IOException {
        byte[] head = new byte[72];
        try (var in = Files.newInputStream(file)) {
            if (in.readNBytes(head, 0, head.length) < head.length) {
                return false;
            }
        }
        int id = (head[68] & 0xFF) << 24 | (head[69] & 0xFF) << 16 | (head[70] & 0xFF) << 8 | head[71] & 0xFF;
        return Arrays.equals(head, 0, SQLITE.length, SQLITE, 0, SQLITE.length) && (id == APPLICATION_ID || id == 0);
    }

    private static BookException cannotWrite(Path file, Exception cause) {
        return new BookException("The book " + file.getFileName() + " cannot be written. What is in it is safe. "
                + "Check that the disk is not full and that the folder may be written to, then open it again.", cause);
    }

    public Path file() {
        return file;
    }

    /** What the coach prefers; {@code usual} when nothing was chosen yet. */
    public String setting(String name, String usual) {
        return inBook(h -> h.createQuery("SELECT value FROM setting WHERE name = :name").bind("name", name)
                .mapTo(String.class).findOne().orElse(usual));
    }

    /** Keeps what the coach prefers. */
    public void set(String name, String value) {
        inBook(h -> h.createUpdate("INSERT INTO setting (name, value) VALUES (:name, :value) "
                + "ON CONFLICT (name) DO UPDATE SET value = :value").bind("name", name).bind("value", value).execute());
    }

    /** Every drill, the one changed last first. */
    public List<Entry> drills() {
        return entries("deleted IS NULL");
    }

    /** Every drill that was deleted and can be brought back, the one deleted last first. */
    public List<Entry> deleted() {
        return entries("deleted IS NOT NULL");
    }

    private List<Entry> entries(String which) {
        return inBook(h -> h.createQuery("SELECT body, coalesce(deleted, changed) AS at FROM drill WHERE " + which
                        + " ORDER BY at DESC, id")
                .map((row, context) -> new Entry(parse(row.getString("body")), row.getLong("at"))).list());
    }

    /**
     * The drill with this id.
     *
     * @throws BookException when there is none
     */
    public Drill load(String id) {
        return inBook(h -> h.createQuery("SELECT body FROM drill WHERE id = :id").bind("id", id)
                .map((row, context) -> parse(row.getString("body"))).findOne()
                .orElseThrow(() -> new BookException("That drill is no longer in the book.", null)));
    }

    /** Adds a drill; it gets another id when its own is taken. The drill as it stands in the book. */
    public Drill add(Drill drill) {
        return inBook(h -> {
            Set<String> taken = new HashSet<>(h.createQuery("SELECT id FROM drill").mapTo(String.class).list());
            Drill fresh = drill;
            for (int n = 2; taken.contains(fresh.id()); n++) {
                fresh = drill.withId(drill.id() + "-" + n);
            }
            insert(h, fresh, "New drill");
            return fresh;
        });
    }

    private void insert(Handle h, Drill drill, String edit) {
        h.createUpdate("INSERT INTO drill (id, title, body, created, changed) VALUES (:id, :title, :body, :now, :now)")
                .bind("id", drill.id()).bind("title", drill.title()).bind("body", DrillWriter.write(drill))
                .bind("now", clock.millis()).execute();
        addVersion(h, drill, edit);
    }

    /**
     * Keeps a drill as an edit has left it.
     *
     * @param edit the name of what was done
     */
    public void keep(Drill drill, String edit) {
        inBook(h -> {
            int rows = h.createUpdate("UPDATE drill SET title = :title, body = :body, changed = :now WHERE id = :id")
                    .bind("id", drill.id()).bind("title", drill.title()).bind("body", DrillWriter.write(drill))
                    .bind("now", clock.millis()).execute();
            if (rows == 0) {
                insert(h, drill, edit);
            } else {
                addVersion(h, drill, edit);
            }
            return null;
        });
    }

    private void addVersion(Handle h, Drill drill, String edit) {
        h.createUpdate("INSERT INTO version (drill, n, edit, body, made) VALUES (:id, "
                        + "(SELECT coalesce(max(n), 0) + 1 FROM version WHERE drill = :id), :edit, :body, :now)")
                .bind("id", drill.id()).bind("edit", edit).bind("body", DrillWriter.write(drill))
                .bind("now", clock.millis()).execute();
        h.createUpdate("DELETE FROM version WHERE drill = :id "
                        + "AND n <= (SELECT max(n) FROM version WHERE drill = :id) - :kept")
                .bind("id", drill.id()).bind("kept", VERSIONS_KEPT).execute();
    }

    /** The names of what was done to a drill, newest first. */
    public List<String> edits(String id) {
        return inBook(h -> h.createQuery("SELECT edit FROM version WHERE drill = :id ORDER BY n DESC")
                .bind("id", id).mapTo(String.class).list());
    }

    /**
     * A drill as it was after an edit, not read yet: reading all of them takes as long as a coach notices, and may be done
     * on any thread.
     */
    public record Version(String edit, String body) {

        /** @throws BookException when it cannot be read */
        public History.Kept read() {
            return new History.Kept(edit, parse("the book", body));
        }
    }

    /** A drill as it was after each edit that is remembered, oldest first; those before {@value #MOST_LETTERS} letters are left out. */
    public List<Version> versions(String id) {
        return inBook(h -> h.createQuery("SELECT edit, body FROM (SELECT n, edit, body, "
                        + "sum(length(body)) OVER (ORDER BY n DESC) AS letters FROM version WHERE drill = :id) "
                        + "WHERE letters <= :most ORDER BY n").bind("id", id).bind("most", MOST_LETTERS)
                .map((row, context) -> new Version(row.getString("edit"), row.getString("body"))).list());
    }

    /** A copy of a drill, next to it in the book. */
    public Drill duplicate(String id) {
        Drill drill = load(id);
        return add(drill.withTitle(drill.title() + " (copy)"));
    }

    /** Puts a drill aside; {@link #restore} brings it back. */
    public void delete(String id) {
        setDeleted(id, clock.millis());
    }

    public void restore(String id) {
        setDeleted(id, null);
    }

    private void setDeleted(String id, Long when) {
        inBook(h -> h.createUpdate("UPDATE drill SET deleted = :when WHERE id = :id")
                .bind("when", when).bind("id", id).execute());
    }

    private Drill parse(String body) {
        return parse(file.getFileName().toString(), body);
    }

    private static Drill parse(String book, String body) {
        try {
            return DrillReader.read(body);
        } catch (FormatException e) {
            throw new BookException("A drill in " + book + " cannot be read: " + e.getMessage()
                    + ". Nothing in the book was changed.", e);
        }
    }

    private synchronized <T> T inBook(Function<Handle, T> work) {
        try {
            return handle.inTransaction(work::apply);
        } catch (JdbiException e) {
            throw cannotWrite(file, e);
        }
    }

    @Override
    public synchronized void close() {
        handle.close();
    }
}

package wildchalk.storage.book;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;

/** Opens a book file: looks what it is and whether it is sound, brings it up to date, and says how it may be used. */
public final class Opening {

    /** The newest format that is known. */
    static final int FORMAT = 5;

    private static final int APPLICATION_ID = 1464033899;
    private static final byte[] SQLITE = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    /** Stands in every document, so in every book that is not empty. */
    private static final byte[] MARK = "wild-chalk-".getBytes(StandardCharsets.US_ASCII);
    /** So much of a file tells whose it is. */
    private static final int HEAD = 72;

    private static final int CHUNK = 1 << 20;

    private static final Set<String> OURS = Set.of(
            "drill",
            "version",
            "glance",
            "collected",
            "setting",
            "collection",
            "kept",
            "kept_version",
            "pointer",
            "kept_collected",
            "kept_glance",
            "flyway_schema_history");

    private Opening() {}

    /** Whether a table is one that this program keeps, in this format or an older one; SQLite's own are. */
    public static boolean isOurs(String table) {
        return table.startsWith("sqlite_") || table.startsWith("words") || OURS.contains(table);
    }

    /**
     * An open book.
     *
     * @param handle to the file, or to a copy in memory when the file may not be written
     * @param lock while the file may be written
     */
    record Opened(Handle handle, Standing.Kind kind, Optional<Lock> lock) {}

    /**
     * Opens a book, or begins one where there is none.
     *
     * @throws DamagedBook when it is damaged; the file is left alone
     * @throws BookException when it is something else, or cannot be begun
     */
    static Opened open(Path file, Clock clock) {
        try {
            finishRescue(file);
            if (file.toAbsolutePath().getParent() != null) {
                Files.createDirectories(file.toAbsolutePath().getParent());
            }
            boolean fresh = !Files.exists(file)
                    || Files.isRegularFile(file)
                            && Files.size(file) == 0
                            && Copies.of(file).isEmpty();
            if (fresh) {
                Lock lock = Lock.take(file).orElseThrow(() -> cannotWrite(file, null));
                return writing(file, clock, lock, true);
            }
            refuseWhatIsNoBook(file);
            Optional<Lock> lock = Files.isWritable(file) ? lock(file) : Optional.empty();
            if (lock.isPresent()) {
                return writing(file, clock, lock.get(), false);
            }
        } catch (IOException e) {
            throw cannotWrite(file, e);
        }
        return looking(file);
    }

    private static Optional<Lock> lock(Path file) {
        try {
            return Lock.take(file);
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Where the program was stopped between two steps of putting a saved book in its place. */
    private static void finishRescue(Path file) throws IOException {
        Path saved = Contents.saved(file);
        if (!Files.exists(file) && Files.exists(saved)) {
            Files.move(saved, file, StandardCopyOption.ATOMIC_MOVE);
        }
    }

    private static Opened writing(Path file, Clock clock, Lock lock, boolean fresh) {
        Handle handle = null;
        try {
            handle = Sqlite.open(Sqlite.writing(file));
            if (!fresh && !faults(handle).isEmpty()) {
                throw new DamagedBook(file, null);
            }
            int format = format(handle);
            if (format > FORMAT) {
                Handle memory = NewerFormat.inMemory(handle);
                close(handle, lock);
                return new Opened(memory, Standing.Kind.NEWER, Optional.empty());
            }
            if (format < FORMAT) {
                if (format > 0) {
                    new Copies(file, clock).before(handle, FORMAT);
                }
                // Its own connection: one that looked at the tables before would be in its way.
                handle.close();
                migrate(Sqlite.writing(file));
                handle = Sqlite.open(Sqlite.writing(file));
                if (format > 0) {
                    shrink(handle);
                }
            }
            return new Opened(handle, Standing.Kind.KEEPING, Optional.of(lock));
        } catch (FlywayException | JdbiException | IllegalStateException | IOException e) {
            close(handle, lock);
            if (fresh) {
                throw cannotWrite(file, e);
            }
            if (e instanceof IOException || Sqlite.isOutOfReach(e)) {
                return looking(file);
            }
            throw new DamagedBook(file, e);
        } catch (DamagedBook e) {
            close(handle, lock);
            throw e;
        }
    }

    /**
     * What a change of format leaves behind is as large as the book itself, and would go along into each day's copy.
     */
    private static void shrink(Handle handle) {
        try {
            handle.execute("VACUUM");
        } catch (JdbiException e) {
            // There is no room for it: the book is whole, only larger than it need be.
        }
    }

    private static void close(Handle handle, Lock lock) {
        if (handle != null) {
            handle.close();
        }
        lock.close();
    }

    static void migrate(DataSource source) {
        Flyway.configure()
                .dataSource(source)
                .locations("classpath:wildchalk/storage/book")
                .javaMigrations(new V4__Row_sums())
                .load()
                .migrate();
    }

    /** The book as it is now, in memory: the file belongs to somebody else, or cannot be written. */
    private static Opened looking(Path file) {
        boolean other = Files.isWritable(file) && isTaken(file);
        Handle memory = null;
        try {
            memory = other ? Sqlite.ofOther(file) : Sqlite.ofUnwritable(file);
            if (!faults(memory).isEmpty()) {
                throw new DamagedBook(file, null);
            }
            int format = format(memory);
            if (format > FORMAT) {
                Handle newer = NewerFormat.inMemory(memory);
                memory.close();
                return new Opened(newer, Standing.Kind.NEWER, Optional.empty());
            }
            if (format < FORMAT) {
                Handle older = NewerFormat.inMemory(memory);
                memory.close();
                memory = older;
            }
            return new Opened(memory, other ? Standing.Kind.OTHER_WINDOW : Standing.Kind.WAITING, Optional.empty());
        } catch (JdbiException | IllegalStateException e) {
            throw Sqlite.isOutOfReach(e) ? cannotWrite(file, e) : new DamagedBook(file, e);
        }
    }

    private static boolean isTaken(Path file) {
        try (Lock free = Lock.take(file).orElse(null)) {
            return free == null;
        } catch (IOException e) {
            return false;
        }
    }

    /** What SQLite's quick check finds; what it finds about the search alone is no damage, that can be made anew. */
    static List<String> faults(Handle handle) {
        // Table by table: the check of a search index takes longer than that of all drills.
        return handle
                .createQuery("SELECT name FROM sqlite_schema WHERE type = 'table' AND name NOT LIKE 'words%' AND "
                        + "name NOT LIKE 'sqlite%'")
                .mapTo(String.class)
                .list()
                .stream()
                .flatMap(table -> faults(handle, "quick_check(" + table + ")").stream())
                .toList();
    }

    /**
     * What SQLite's own thorough check finds, which compares every list with its rows; takes a while in a large book.
     */
    static List<String> allFaults(Handle handle) {
        return faults(handle, "integrity_check");
    }

    private static List<String> faults(Handle handle, String check) {
        return handle.createQuery("PRAGMA " + check).mapTo(String.class).list().stream()
                .filter(line -> !line.equals("ok") && !line.contains("FTS5"))
                .toList();
    }

    /** The format of a book; 0 for one that was just begun. */
    private static int format(Handle handle) {
        boolean known = handle.createQuery("SELECT count(*) FROM sqlite_schema WHERE name = 'flyway_schema_history'")
                        .mapTo(Integer.class)
                        .one()
                > 0;
        return !known
                ? 0
                : handle.createQuery("SELECT coalesce(max(CAST(version AS INTEGER)), 0) FROM flyway_schema_history "
                                + "WHERE success")
                        .mapTo(Integer.class)
                        .one();
    }

    private static void refuseWhatIsNoBook(Path file) throws IOException {
        if (Files.isRegularFile(file) && isBook(file)) {
            return;
        }
        if (Files.isRegularFile(file)
                && (isCutOff(file) || hasMark(file) || !Copies.of(file).isEmpty())) {
            throw new DamagedBook(file, null);
        }
        throw new BookException(
                file.getFileName() + " is not a Wild Chalk book. It has been left as it is. "
                        + "Choose another file, or a new name to begin a new book.",
                null);
    }

    private static boolean isBook(Path file) throws IOException {
        byte[] head = new byte[HEAD];
        try (InputStream in = Files.newInputStream(file)) {
            if (in.readNBytes(head, 0, head.length) < head.length) {
                return false;
            }
        }
        int id = (head[68] & 0xFF) << 24 | (head[69] & 0xFF) << 16 | (head[70] & 0xFF) << 8 | head[71] & 0xFF;
        return Arrays.equals(head, 0, SQLITE.length, SQLITE, 0, SQLITE.length) && (id == APPLICATION_ID || id == 0);
    }

    /** Whether there is less of it than the head of a database. */
    private static boolean isCutOff(Path file) throws IOException {
        byte[] all = Files.size(file) < HEAD ? Files.readAllBytes(file) : new byte[0];
        return all.length > 0
                && Arrays.equals(
                        all, 0, Math.min(all.length, SQLITE.length), SQLITE, 0, Math.min(all.length, SQLITE.length));
    }

    /** Whether the file was a book before its beginning was spoilt. */
    private static boolean hasMark(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] chunk = new byte[CHUNK + MARK.length];
            int kept = 0;
            int n = in.readNBytes(chunk, 0, CHUNK);
            while (n > 0) {
                if (indexOf(chunk, kept + n) >= 0) {
                    return true;
                }
                int tail = Math.min(MARK.length, kept + n);
                System.arraycopy(chunk, kept + n - tail, chunk, 0, tail);
                kept = tail;
                n = in.readNBytes(chunk, kept, CHUNK);
            }
            return false;
        }
    }

    private static int indexOf(byte[] bytes, int length) {
        for (int i = 0; i + MARK.length <= length; i++) {
            if (Arrays.equals(bytes, i, i + MARK.length, MARK, 0, MARK.length)) {
                return i;
            }
        }
        return -1;
    }

    static BookException cannotWrite(Path file, Exception cause) {
        return new BookException(
                "The book " + file.getFileName() + " cannot be written. What is in it is safe. "
                        + "Check that the disk is not full and that the folder may be written to, then open it again.",
                cause);
    }
}

package wildchalk.storage.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.statement.NoTemplateEngine;
import org.jdbi.v3.core.statement.SqlStatements;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Connections to book files, to copies of them in memory, and what the trouble with one means. */
public final class Sqlite {

    private static final Set<SQLiteErrorCode> DAMAGE = EnumSet.of(
            SQLiteErrorCode.SQLITE_CORRUPT,
            SQLiteErrorCode.SQLITE_NOTADB,
            // What is asked is always right: where it is not understood, the tables are not what they were.
            SQLiteErrorCode.SQLITE_ERROR);
    private static final int BUSY_MILLIS = 3000;

    private Sqlite() {}

    /** A file that is written. */
    static SQLiteDataSource writing(Path file) {
        SQLiteConfig config = usual();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        return source(config, "jdbc:sqlite:" + file);
    }

    /** A file that another window writes. */
    private static SQLiteDataSource looking(Path file) {
        SQLiteConfig config = usual();
        config.setReadOnly(true);
        return source(config, "jdbc:sqlite:" + file);
    }

    /** A file that nobody writes; nothing is made beside it. */
    public static SQLiteDataSource still(Path file) {
        SQLiteConfig config = usual();
        config.setReadOnly(true);
        return source(config, "jdbc:sqlite:file:" + file.toUri().getRawPath() + "?immutable=1");
    }

    private static SQLiteConfig usual() {
        SQLiteConfig config = new SQLiteConfig();
        config.enforceForeignKeys(true);
        config.setBusyTimeout(BUSY_MILLIS);
        return config;
    }

    private static SQLiteDataSource source(SQLiteConfig config, String url) {
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl(url);
        return source;
    }

    /** A connection; what is asked is plain SQL, with no template in it that would have to be looked for. */
    static Handle open(SQLiteDataSource source) {
        Jdbi jdbi = Jdbi.create(source);
        jdbi.getConfig(SqlStatements.class).setTemplateEngine(new NoTemplateEngine());
        return jdbi.open();
    }

    /** An empty place in memory; it is there as long as a connection to it is open. */
    static SQLiteDataSource memory() {
        return source(usual(), "jdbc:sqlite:file:book-" + UUID.randomUUID() + "?mode=memory&cache=shared");
    }

    /** Copies all of it with SQLite's own backup call: it is one moment's state, whoever writes meanwhile. */
    static void backup(Handle from, String target) {
        try {
            int code = from.getConnection()
                    .unwrap(SQLiteConnection.class)
                    .getDatabase()
                    .backup("main", target, null);
            if (code != 0) {
                throw new SQLiteException("the copy failed", SQLiteErrorCode.getErrorCode(code));
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
    }

    /** The same in memory. */
    static Handle inMemory(Handle from) {
        SQLiteDataSource memory = memory();
        Handle handle = open(memory);
        backup(from, memory.getUrl().substring("jdbc:sqlite:".length()));
        return handle;
    }

    /** Another way to a file that is open already. */
    static Handle another(Path file) {
        return open(looking(file));
    }

    /** A book in memory as it is in a file that another window writes. */
    static Handle ofOther(Path file) {
        try (Handle open = open(looking(file))) {
            return inMemory(open);
        }
    }

    /** A book in memory as it is in a file that cannot be written, edits that are still beside it included. */
    static Handle ofUnwritable(Path file) {
        Path wal = file.resolveSibling(file.getFileName() + "-wal");
        try {
            if (Files.exists(wal) && Files.size(wal) > 0) {
                return ofCopy(file, wal);
            }
        } catch (IOException e) {
            // Without a place for a copy what is in the file itself can still be read.
        }
        try (Handle open = open(still(file))) {
            return inMemory(open);
        }
    }

    private static Handle ofCopy(Path file, Path wal) throws IOException {
        Path folder = Files.createTempDirectory("wild-chalk");
        try {
            Path copy = Files.copy(file, folder.resolve("book"));
            Files.copy(wal, folder.resolve("book-wal"));
            try (Handle open = open(writing(copy))) {
                return inMemory(open);
            }
        } finally {
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.deleteIfExists(path);
                }
            }
        }
    }

    /** Whether the file itself is damaged, and not just out of reach; one that ends too soon is. */
    static boolean isDamage(Throwable trouble) {
        return DAMAGE.contains(base(trouble)) || code(trouble) == SQLiteErrorCode.SQLITE_IOERR_SHORT_READ;
    }

    /** Whether the file cannot be written now, but might be later. */
    static boolean isOutOfReach(Throwable trouble) {
        return !isDamage(trouble)
                && List.of(
                                SQLiteErrorCode.SQLITE_FULL,
                                SQLiteErrorCode.SQLITE_READONLY,
                                SQLiteErrorCode.SQLITE_IOERR,
                                SQLiteErrorCode.SQLITE_CANTOPEN,
                                SQLiteErrorCode.SQLITE_PERM,
                                SQLiteErrorCode.SQLITE_BUSY,
                                SQLiteErrorCode.SQLITE_LOCKED)
                        .contains(base(trouble));
    }

    /** The kind of trouble; extended codes have it in their lowest byte. */
    private static SQLiteErrorCode base(Throwable trouble) {
        return SQLiteErrorCode.getErrorCode(code(trouble).code & 0xFF);
    }

    private static SQLiteErrorCode code(Throwable trouble) {
        for (Throwable t = trouble; t != null; t = t.getCause()) {
            if (t instanceof SQLiteException e) {
                return e.getResultCode();
            }
        }
        return SQLiteErrorCode.UNKNOWN_ERROR;
    }
}

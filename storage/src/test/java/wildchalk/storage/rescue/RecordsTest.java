package wildchalk.storage.rescue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Rows are read from the bytes of a file as SQLite itself reads them. */
class RecordsTest {

    private static final int ROWS = 200;
    private static final long[] NUMBERS = {
        0,
        1,
        -1,
        127,
        -128,
        128,
        32767,
        -32768,
        8388607,
        -8388608,
        1L << 31,
        -(1L << 31),
        (1L << 47) - 1,
        1L << 47,
        Long.MAX_VALUE,
        Long.MIN_VALUE
    };

    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("any.db");
    }

    private Connection open() throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + file());
    }

    private static void run(Connection c, String sql) throws SQLException {
        try (Statement s = c.createStatement()) {
            s.execute(sql);
        }
    }

    /** Rows of every kind of column; texts from nothing to many pages. */
    private static void fill(Connection c, int rows, Random random) throws SQLException {
        c.setAutoCommit(false);
        try (PreparedStatement insert = c.prepareStatement("INSERT INTO t (a, b, c, d, e) VALUES (?, ?, ?, ?, ?)")) {
            for (int i = 0; i < rows; i++) {
                insert.setLong(1, NUMBERS[i % NUMBERS.length]);
                insert.setObject(2, i % 7 == 0 ? null : random.nextDouble() * 1e6);
                insert.setString(3, "tidé ".repeat(random.nextInt(i % 10 == 0 ? 4000 : 40)));
                byte[] bytes = new byte[random.nextInt(i % 15 == 0 ? 20_000 : 30)];
                random.nextBytes(bytes);
                insert.setBytes(4, bytes);
                insert.setObject(5, i % 3 == 0 ? null : "row " + i);
                insert.executeUpdate();
            }
        }
        c.commit();
        c.setAutoCommit(true);
    }

    private static Set<String> asked(Connection c) throws SQLException {
        Set<String> rows = new HashSet<>();
        try (Statement s = c.createStatement();
                ResultSet r = s.executeQuery("SELECT a, b, c, d, e FROM t")) {
            while (r.next()) {
                double b = r.getDouble(2);
                rows.add(words(Arrays.asList(
                        r.getLong(1),
                        r.wasNull() || r.getObject(2) == null ? null : b,
                        r.getString(3),
                        r.getBytes(4),
                        r.getString(5))));
            }
        }
        return rows;
    }

    /** Bytes are told by what is in them. */
    private static String words(List<Object> row) {
        List<String> words = new ArrayList<>();
        row.forEach(v -> words.add(v instanceof byte[] bytes ? Arrays.toString(bytes) : String.valueOf(v)));
        return words.toString();
    }

    private Set<String> read() throws IOException {
        Set<String> rows = new HashSet<>();
        new Records(Pages.read(file()))
                .rows().stream()
                        .filter(r -> r.size() == 5 && !"table".equals(r.get(0)))
                        .forEach(r -> rows.add(words(r)));
        return rows;
    }

    @ParameterizedTest
    @ValueSource(ints = {512, 1024, 4096, 65536})
    void everyRowIsReadAsSqliteReadsIt(int page) throws Exception {
        Set<String> wanted;
        try (Connection c = open()) {
            run(c, "PRAGMA page_size = " + page);
            run(c, "CREATE TABLE t (a INTEGER, b REAL, c TEXT, d BLOB, e TEXT)");
            fill(c, ROWS, new Random(page));
            wanted = asked(c);
        }
        assertEquals(page, Pages.read(file()).size());
        assertEquals(wanted, read());
    }

    @Test
    void whatIsStillBesideTheFileIsReadToo() throws Exception {
        try (Connection c = open()) {
            run(c, "PRAGMA journal_mode = wal");
            run(c, "CREATE TABLE t (a INTEGER, b REAL, c TEXT, d BLOB, e TEXT)");
            run(c, "PRAGMA wal_checkpoint(TRUNCATE)");
            fill(c, ROWS, new Random(3));
            assertTrue(Files.size(folder.resolve("any.db-wal")) > 0);
            assertEquals(asked(c), read(), "though none of it is in the file itself");
        }
    }

    @Test
    void entriesOfAnIndexAreReadWithTheirRows() throws Exception {
        try (Connection c = open()) {
            run(c, "CREATE TABLE t (a INTEGER, b REAL, c TEXT, d BLOB, e TEXT)");
            run(c, "CREATE INDEX i ON t (e, a)");
            fill(c, ROWS, new Random(5));
        }
        Set<Object> named = new HashSet<>();
        new Records(Pages.read(file()))
                .entries().stream()
                        .filter(e -> e.size() == 3 && e.get(0) != null)
                        .forEach(e -> named.add(e.get(0)));
        Set<Object> wanted = new HashSet<>();
        for (int i = 0; i < ROWS; i++) {
            if (i % 3 != 0) {
                wanted.add("row " + i);
            }
        }
        // What lies between two leaves stands in the page above them, which is not read: the table has it.
        named.forEach(n -> assertTrue(wanted.contains(n), n.toString()));
        assertTrue(named.size() > 0.9 * wanted.size(), named.size() + " of " + wanted.size());
    }

    @Test
    void aRowThatMakesNoSenseIsLeftOutAndItsNeighboursAreNot() throws Exception {
        Set<String> wanted;
        try (Connection c = open()) {
            run(c, "CREATE TABLE t (a INTEGER, b REAL, c TEXT, d BLOB, e TEXT)");
            fill(c, ROWS, new Random(11));
            wanted = asked(c);
        }
        byte[] sound = Files.readAllBytes(file());
        Random random = new Random(13);
        for (int round = 0; round < 40; round++) {
            byte[] spoilt = sound.clone();
            int at = 100 + random.nextInt(spoilt.length - 100);
            for (int i = at; i < Math.min(spoilt.length, at + 64); i++) {
                spoilt[i] = (byte) random.nextInt();
            }
            Files.write(file(), spoilt);
            Set<String> read = read();
            read.retainAll(wanted);
            // One page at most is gone with all that is on it, and a long row with each page of its chain.
            assertTrue(read.size() >= ROWS * 0.6, "round " + round + ": " + read.size() + " of " + wanted.size());
        }
    }

    @Test
    void whatShouldBeThereAndIsNotIsCounted() throws Exception {
        try (Connection c = open()) {
            run(c, "CREATE TABLE t (a INTEGER, b REAL, c TEXT, d BLOB, e TEXT)");
            fill(c, ROWS, new Random(17));
        }
        assertEquals(0, Pages.read(file()).spoilt(), 1e-9);
        byte[] sound = Files.readAllBytes(file());
        int pages = sound.length / Pages.read(file()).size();
        Files.write(file(), Arrays.copyOf(sound, sound.length / 2));
        assertEquals(0.5, Pages.read(file()).spoilt(), 1.0 / pages);
        byte[] zeroed = sound.clone();
        Arrays.fill(zeroed, zeroed.length / 4 * 3, zeroed.length, (byte) 0);
        Files.write(file(), zeroed);
        assertEquals(0.25, Pages.read(file()).spoilt(), 1.5 / pages);
        Files.write(file(), new byte[0]);
        assertEquals(1, Pages.read(file()).spoilt(), 1e-9, "of nothing all is gone");
    }
}

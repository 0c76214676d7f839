package wildchalk.storage.book;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.jdbi.v3.core.Handle;
import wildchalk.core.document.Document;
import wildchalk.storage.kind.Kind;

/** Old versions of documents as rows: the newest stay, what is older is thinned, but never what something points at. */
public final class VersionRows {

    static final int NEWEST = 200;
    static final int OLDER = 100;

    private final Handle h;

    /** The versions in an open book. */
    public VersionRows(Handle handle) {
        this.h = handle;
    }

    /**
     * A row.
     *
     * @param kind the word of the kind of the document
     * @param id of the document
     * @param edit the name of what was done
     * @param body packed, or plain text in old books
     * @param made in milliseconds
     */
    public record Raw(String kind, String id, long n, String edit, Object body, long made) {

        /** The check sum of all that is kept of it. */
        public long sum() {
            return Sums.version(kind, id, n, edit, body, made);
        }
    }

    /** Writes a version as it is, with its number. */
    public void put(Raw row) {
        h.createUpdate("INSERT OR REPLACE INTO kept_version (kind, id, n, edit, body, made, sum) VALUES "
                        + "(:kind, :id, :n, :edit, :body, :made, :sum)")
                .bind("kind", row.kind())
                .bind("id", row.id())
                .bind("n", row.n())
                .bind("edit", row.edit())
                .bind("body", row.body())
                .bind("made", row.made())
                .bind("sum", row.sum())
                .execute();
    }

    /** Adds what an edit has left. */
    void add(String kind, String id, String edit, String body, long now) {
        long n = h.createQuery("SELECT coalesce(max(n), 0) + 1 FROM kept_version WHERE kind = :kind AND id = :id")
                .bind("kind", kind)
                .bind("id", id)
                .mapTo(Long.class)
                .one();
        put(new Raw(kind, id, n, edit, Packing.pack(body), now));
        thin(kind, id, now);
    }

    private void thin(String kind, String id, long now) {
        List<long[]> older = h.createQuery(
                        "SELECT n, made FROM (SELECT n, made FROM kept_version WHERE kind = :kind AND id = :id "
                                + "ORDER BY n DESC LIMIT -1 OFFSET :newest) "
                                + "WHERE n NOT IN (SELECT n FROM pointer WHERE kind = :kind AND id = :id) ORDER BY n")
                .bind("kind", kind)
                .bind("id", id)
                .bind("newest", NEWEST)
                .map((row, c) -> new long[] {row.getLong(1), row.getLong(2)})
                .list();
        if (older.size() <= OLDER) {
            return;
        }
        for (int i : Thinning.surplus(older.stream().map(v -> v[1]).toList(), now, OLDER)) {
            h.execute("DELETE FROM kept_version WHERE kind = ? AND id = ? AND n = ?", kind, id, older.get(i)[0]);
        }
    }

    /** Newest first. */
    <T extends Document<T>> List<Version<T>> of(Kind<T> kind, String id) {
        return h.createQuery("SELECT n, edit, body, made, sum FROM kept_version WHERE kind = :kind AND id = :id "
                        + "ORDER BY n DESC")
                .bind("kind", kind.word())
                .bind("id", id)
                .map((row, c) -> version(kind, id, row))
                .list();
    }

    /** One version of a document. */
    <T extends Document<T>> Optional<Version<T>> of(Kind<T> kind, String id, long n) {
        return h.createQuery("SELECT n, edit, body, made, sum FROM kept_version WHERE kind = :kind AND id = :id "
                        + "AND n = :n")
                .bind("kind", kind.word())
                .bind("id", id)
                .bind("n", n)
                .map((row, c) -> version(kind, id, row))
                .findOne();
    }

    /** The number of the newest version of a document; 0 when there is none. */
    long newest(String kind, String id) {
        return h.createQuery("SELECT COALESCE(MAX(n), 0) FROM kept_version WHERE kind = :kind AND id = :id")
                .bind("kind", kind)
                .bind("id", id)
                .mapTo(Long.class)
                .one();
    }

    private static <T extends Document<T>> Version<T> version(Kind<T> kind, String id, ResultSet row)
            throws SQLException {
        Raw raw = new Raw(
                kind.word(), id, row.getLong("n"), row.getString("edit"), row.getObject("body"), row.getLong("made"));
        boolean sound = row.getLong("sum") == raw.sum() && !row.wasNull();
        return new Version<>(kind, raw.n(), raw.edit(), raw.made(), sound ? raw.body() : null);
    }
}

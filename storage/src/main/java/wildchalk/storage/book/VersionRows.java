package wildchalk.storage.book;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import org.jdbi.v3.core.Handle;

/** Old versions of drills as rows: the newest stay, what is older is thinned. */
public final class VersionRows {

    static final int NEWEST = 200;
    static final int OLDER = 100;

    private final Handle h;

    public VersionRows(Handle handle) {
        this.h = handle;
    }

    /**
     * A row.
     *
     * @param edit the name of what was done
     * @param body packed, or plain text in old books
     * @param made in milliseconds
     */
    public record Raw(String drill, long n, String edit, Object body, long made) {

        public long sum() {
            return Sums.version(drill, n, edit, body, made);
        }
    }

    public void put(Raw row) {
        h.createUpdate("INSERT OR REPLACE INTO version (drill, n, edit, body, made, sum) VALUES (:drill, :n, :edit, :body, :made, :sum)")
                .bind("drill", row.drill()).bind("n", row.n()).bind("edit", row.edit())
                .bind("body", row.body()).bind("made", row.made()).bind("sum", row.sum()).execute();
    }

    /** Adds what an edit has left. */
    void add(String drill, String edit, String body, long now) {
        long n = h.createQuery("SELECT coalesce(max(n), 0) + 1 FROM version WHERE drill = :id").bind("id", drill).mapTo(Long.class).one();
        put(new Raw(drill, n, edit, Packing.pack(body), now));
        thin(drill, now);
    }

    private void thin(String drill, long now) {
        List<long[]> older = h.createQuery("SELECT n, made FROM version WHERE drill = :id ORDER BY n DESC LIMIT -1 OFFSET :newest")
                .bind("id", drill).bind("newest", NEWEST).map((row, c) -> new long[] {row.getLong(1), row.getLong(2)}).list();
        if (older.size() <= OLDER) {
            return;
        }
        List<long[]> oldestFirst = older.stream().sorted((a, b) -> Long.compare(a[0], b[0])).toList();
        for (int i : Thinning.surplus(oldestFirst.stream().map(v -> v[1]).toList(), now, OLDER)) {
            h.createUpdate("DELETE FROM version WHERE drill = :id AND n = :n").bind("id", drill).bind("n", oldestFirst.get(i)[0]).execute();
        }
    }

    /** Newest first. */
    List<Version> of(String drill) {
        return h.createQuery("SELECT n, edit, body, made, sum FROM version WHERE drill = :id ORDER BY n DESC").bind("id", drill)
                .map((row, c) -> version(drill, row)).list();
    }

    private static Version version(String drill, ResultSet row) throws SQLException {
        Raw raw = new Raw(drill, row.getLong("n"), row.getString("edit"), row.getObject("body"), row.getLong("made"));
        boolean sound = row.getLong("sum") == raw.sum() && !row.wasNull();
        return new Version(raw.n(), raw.edit(), raw.made(), sound ? raw.body() : null);
    }
}

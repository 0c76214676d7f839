package wildchalk.storage.book;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.RowView;
import wildchalk.core.drill.Drill;
import wildchalk.storage.format.DrillWriter;

/** The drills of a book as rows, each with its check sum. */
public final class DrillRows {

    private static final String COLUMNS = "id, title, body, created, changed, deleted, favourite, used, sum";

    private final Handle h;

    public DrillRows(Handle handle) {
        this.h = handle;
    }

    /**
     * A row.
     *
     * @param deleted when it was put aside, in milliseconds; null while it is in the book
     * @param used when it was last used; null for never
     */
    public record Raw(String id, String title, String body, long created, long changed, Long deleted, boolean favourite, Long used) {

        public long sum() {
            return Sums.drill(id, title, body, created, changed, deleted);
        }
    }

    /** Writes a row, in place of the one with its id; its versions stay. */
    public void put(Raw row) {
        h.createUpdate("INSERT INTO drill (" + COLUMNS + ") VALUES (:id, :title, :body, :created, :changed, :deleted, :favourite, :used, :sum) "
                        + "ON CONFLICT (id) DO UPDATE SET title = :title, body = :body, created = :created, changed = :changed, "
                        + "deleted = :deleted, favourite = :favourite, used = :used, sum = :sum")
                .bind("id", row.id()).bind("title", row.title()).bind("body", row.body()).bind("created", row.created())
                .bind("changed", row.changed()).bind("deleted", row.deleted()).bind("favourite", row.favourite() ? 1 : 0)
                .bind("used", row.used()).bind("sum", row.sum()).execute();
    }

    /** The row of a drill; its sum is not looked at. */
    Optional<Raw> get(String id) {
        return h.createQuery("SELECT " + COLUMNS + " FROM drill WHERE id = :id").bind("id", id).map(view -> raw(view)).findOne();
    }

    /** Ids of the rows whose check sum is wrong. */
    List<String> damaged() {
        return h.createQuery("SELECT " + COLUMNS + " FROM drill").map(view -> {
            Raw row = raw(view);
            Long sum = view.getColumn("sum", Long.class);
            return sum != null && sum == row.sum() ? Optional.<String>empty() : Optional.of(row.id());
        }).stream().flatMap(Optional::stream).toList();
    }

    private static Raw raw(RowView view) {
        return new Raw(view.getColumn("id", String.class), view.getColumn("title", String.class), view.getColumn("body", String.class),
                view.getColumn("created", Long.class), view.getColumn("changed", Long.class), view.getColumn("deleted", Long.class),
                view.getColumn("favourite", Integer.class) != 0, view.getColumn("used", Long.class));
    }

    /** A drill that is new, at the time {@code now}; the text it is kept as. */
    String insert(Drill drill, long now) {
        String body = DrillWriter.write(drill);
        put(new Raw(drill.id(), drill.title(), body, now, now, null, false, null));
        return body;
    }

    /** A drill as an edit has left it, new when it was not there; the text it is kept as. */
    String change(Drill drill, long now) {
        Optional<Raw> was = get(drill.id());
        String body = DrillWriter.write(drill);
        put(new Raw(drill.id(), drill.title(), body, was.map(Raw::created).orElse(now), now,
                was.map(Raw::deleted).orElse(null), was.map(Raw::favourite).orElse(false), was.map(Raw::used).orElse(null)));
        return body;
    }

    void delete(String id, Long when) {
        get(id).ifPresent(r -> put(new Raw(r.id(), r.title(), r.body(), r.created(), r.changed(), when, r.favourite(), r.used())));
    }

    /** Takes those away for good that were put aside before a time. */
    int purge(long before) {
        return h.createUpdate("DELETE FROM drill WHERE deleted < :before").bind("before", before).execute();
    }

    boolean anyToPurge(long before) {
        return h.createQuery("SELECT count(*) FROM drill WHERE deleted < :before").bind("before", before).mapTo(Integer.class).one() > 0;
    }

    /** The id, or the first of "id-2", "id-3" ... that is free. */
    String free(String id) {
        Set<String> taken = h.createQuery("SELECT id FROM drill WHERE substr(id, 1, length(:id)) = :id").bind("id", id)
                .mapTo(String.class).stream().collect(Collectors.toSet());
        String free = id;
        for (int n = 2; taken.contains(free); n++) {
            free = id + "-" + n;
        }
        return free;
    }
}

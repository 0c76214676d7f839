package wildchalk.storage.book;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.RowView;
import wildchalk.core.document.Document;
import wildchalk.storage.kind.Kind;

/** The documents of a book as rows, each with its check sum. */
public final class DocumentRows {

    private static final String COLUMNS = "kind, id, title, body, created, changed, deleted, favourite, used, sum";

    private final Handle h;

    /** The rows of an open book. */
    public DocumentRows(Handle handle) {
        this.h = handle;
    }

    /**
     * A row.
     *
     * @param kind the word of its kind
     * @param dates when what was done with it
     */
    public record Raw(String kind, String id, String title, String body, Dates dates, boolean favourite) {

        /**
         * Dates in milliseconds since 1970.
         *
         * @param deleted when it was put aside; null while it is in the book
         * @param used when it was last used; null for never
         */
        public record Dates(long created, long changed, Long deleted, Long used) {}

        /** Milliseconds since 1970. */
        public long created() {
            return dates.created();
        }

        /** Milliseconds since 1970. */
        public long changed() {
            return dates.changed();
        }

        /** Null while it is in the book. */
        public Long deleted() {
            return dates.deleted();
        }

        /** Null for never. */
        public Long used() {
            return dates.used();
        }

        /** The check sum of all that is kept of it. */
        public long sum() {
            return Sums.document(kind, id, title, body, created(), changed(), deleted());
        }

        private Raw aside(Long when) {
            return new Raw(kind, id, title, body, new Dates(created(), changed(), when, used()), favourite);
        }
    }

    /** Writes a row, in place of the one with its id; its versions stay. */
    public void put(Raw row) {
        h.createUpdate("INSERT INTO kept (" + COLUMNS
                        + ") VALUES (:kind, :id, :title, :body, :created, :changed, :deleted, :favourite, :used, :sum) "
                        + "ON CONFLICT (kind, id) DO UPDATE SET title = :title, body = :body, created = "
                        + ":created, changed = :changed, "
                        + "deleted = :deleted, favourite = :favourite, used = :used, sum = :sum")
                .bind("kind", row.kind())
                .bind("id", row.id())
                .bind("title", row.title())
                .bind("body", row.body())
                .bind("created", row.created())
                .bind("changed", row.changed())
                .bind("deleted", row.deleted())
                .bind("favourite", row.favourite() ? 1 : 0)
                .bind("used", row.used())
                .bind("sum", row.sum())
                .execute();
    }

    /** The row of a document; its sum is not looked at. */
    Optional<Raw> get(String kind, String id) {
        return h.createQuery("SELECT " + COLUMNS + " FROM kept WHERE kind = :kind AND id = :id")
                .bind("kind", kind)
                .bind("id", id)
                .map(view -> raw(view))
                .findOne();
    }

    /** What there is of a kind, put aside or not, the one changed last first. */
    List<Kept.Listed> list(String kind) {
        return h.createQuery("SELECT id, title, changed, deleted, favourite, used FROM kept INDEXED BY listed WHERE "
                        + "kind = :kind ORDER BY changed DESC, id")
                .bind("kind", kind)
                .map((row, c) -> {
                    long deleted = row.getLong(4);
                    return new Kept.Listed(
                            row.getString(1),
                            row.getString(2),
                            row.getLong(3),
                            row.wasNull() ? 0 : deleted,
                            row.getInt(5) != 0,
                            row.getLong(6));
                })
                .list();
    }

    /** Words of the kinds, and ids, of the rows whose check sum is wrong. */
    List<String> damaged() {
        return h
                .createQuery("SELECT " + COLUMNS + " FROM kept")
                .map(view -> {
                    Raw row = raw(view);
                    Long sum = view.getColumn("sum", Long.class);
                    return sum != null && sum == row.sum()
                            ? Optional.<String>empty()
                            : Optional.of(row.kind() + " " + row.id());
                })
                .stream()
                .flatMap(Optional::stream)
                .toList();
    }

    private static Raw raw(RowView view) {
        return new Raw(
                view.getColumn("kind", String.class),
                view.getColumn("id", String.class),
                view.getColumn("title", String.class),
                view.getColumn("body", String.class),
                new Raw.Dates(
                        view.getColumn("created", Long.class),
                        view.getColumn("changed", Long.class),
                        view.getColumn("deleted", Long.class),
                        view.getColumn("used", Long.class)),
                view.getColumn("favourite", Integer.class) != 0);
    }

    /** A document as an edit has left it, new when it was not there; the text it is kept as. */
    <T extends Document<T>> String change(Kind<T> kind, T document, long now) {
        Optional<Raw> was = get(kind.word(), document.id());
        String body = kind.write(document);
        put(new Raw(
                kind.word(),
                document.id(),
                document.listed(),
                body,
                new Raw.Dates(
                        was.map(Raw::created).orElse(now),
                        now,
                        was.map(Raw::deleted).orElse(null),
                        was.map(Raw::used).orElse(null)),
                was.map(Raw::favourite).orElse(false)));
        point(kind, document);
        return body;
    }

    /** Remembers what it names. What it named before it might name again after an undo, so that stays remembered. */
    <T extends Document<T>> void point(Kind<T> kind, T document) {
        kind.points(document)
                .forEach(to -> h.execute(
                        "INSERT OR IGNORE INTO pointer (by_kind, by_id, kind, id, n) VALUES (?, ?, ?, ?, ?)",
                        kind.word(),
                        document.id(),
                        to.kind(),
                        to.id(),
                        to.version()));
    }

    void delete(String kind, String id, Long when) {
        get(kind, id).ifPresent(r -> put(r.aside(when)));
    }

    void favourite(String kind, String id, boolean is) {
        h.execute("UPDATE kept SET favourite = ? WHERE kind = ? AND id = ?", is ? 1 : 0, kind, id);
    }

    void use(String kind, String id, long now) {
        h.execute("UPDATE kept SET used = ? WHERE kind = ? AND id = ?", now, kind, id);
    }

    private static final String TO_PURGE = " FROM kept WHERE deleted < :before AND NOT EXISTS "
            + "(SELECT 1 FROM pointer p WHERE p.kind = kept.kind AND p.id = kept.id)";

    /** Takes those away for good that were put aside before a time, and that nothing points at. */
    int purge(long before) {
        return h.createUpdate("DELETE" + TO_PURGE).bind("before", before).execute();
    }

    boolean anyToPurge(long before) {
        return h.createQuery("SELECT count(*)" + TO_PURGE)
                        .bind("before", before)
                        .mapTo(Integer.class)
                        .one()
                > 0;
    }

    /** The id, or the first of "id-2", "id-3" ... that is free among those of its kind. */
    String free(String kind, String id) {
        Set<String> taken = h
                .createQuery("SELECT id FROM kept WHERE kind = :kind AND substr(id, 1, length(:id)) = :id")
                .bind("kind", kind)
                .bind("id", id)
                .mapTo(String.class)
                .stream()
                .collect(Collectors.toSet());
        String free = id;
        for (int n = 2; taken.contains(free); n++) {
            free = id + "-" + n;
        }
        return free;
    }
}

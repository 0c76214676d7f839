package wildchalk.storage.book;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jdbi.v3.core.Handle;
import wildchalk.core.log.Entry;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.LogReader;
import wildchalk.storage.format.PackedEntry;
import wildchalk.storage.kind.LogKind;

/** The entries of the log as they are read at once: packed beside their texts, and packed anew where those changed. */
final class EntryRows {

    private static final String LOG = LogKind.LOGS.word();

    private final Handle h;

    EntryRows(Handle handle) {
        this.h = handle;
    }

    /** A row: the entry, or what is to be read for it. */
    private record Row(String id, long sum, Optional<Entry> entry) {}

    /** All that were not put aside; one that cannot be read is left out. */
    List<Entry> all() {
        List<Entry> all = new ArrayList<>();
        Map<String, Long> stale = new HashMap<>();
        h
                .createQuery("SELECT d.id, d.sum, g.body FROM kept d LEFT JOIN kept_glance g ON g.kind = d.kind "
                        + "AND g.id = d.id AND g.of = d.sum AND g.maker = :maker "
                        + "WHERE d.kind = :kind AND d.deleted IS NULL")
                .bind("maker", PackedEntry.MAKER)
                .bind("kind", LOG)
                .map((row, c) -> {
                    byte[] packed = row.getBytes(3);
                    return new Row(
                            row.getString(1),
                            row.getLong(2),
                            packed == null ? Optional.empty() : PackedEntry.read(packed));
                })
                .forEach(row -> row.entry().ifPresentOrElse(all::add, () -> stale.put(row.id(), row.sum())));
        stale.forEach((id, sum) -> new DocumentRows(h)
                .get(LOG, id)
                .flatMap(row -> read(row.body()))
                .ifPresent(entry -> {
                    put(id, sum, entry);
                    all.add(entry);
                }));
        return all;
    }

    private static Optional<Entry> read(String body) {
        try {
            return Optional.of(LogReader.kept(body));
        } catch (FormatException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private void put(String id, long sum, Entry entry) {
        h.createUpdate("INSERT INTO kept_glance (kind, id, of, maker, body) VALUES (:kind, :id, :of, :maker, :body) "
                        + "ON CONFLICT (kind, id) DO UPDATE SET of = :of, maker = :maker, body = :body")
                .bind("kind", LOG)
                .bind("id", id)
                .bind("of", sum)
                .bind("maker", PackedEntry.MAKER)
                .bind("body", PackedEntry.write(entry))
                .execute();
    }
}

package wildchalk.storage.book;

import java.util.LinkedHashMap;
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
    private final Map<String, Known> known;

    /**
     * What was read of one already.
     *
     * @param sum of the row that it was read of
     */
    record Known(long sum, Entry entry) {}

    /** @param known what was read already, by id; what is read now is put into it */
    EntryRows(Handle handle, Map<String, Known> known) {
        this.h = handle;
        this.known = known;
    }

    /** All that were not put aside; one that cannot be read is left out. */
    List<Entry> all() {
        Map<String, Long> there = new LinkedHashMap<>();
        h.createQuery("SELECT id, sum FROM kept WHERE kind = :kind AND deleted IS NULL")
                .bind("kind", LOG)
                .map((row, c) -> there.put(row.getString(1), row.getLong(2)))
                .list();
        known.keySet().retainAll(there.keySet());
        if (!there.entrySet().stream().allMatch(e -> isKnown(e.getKey(), e.getValue()))) {
            unpack();
        }
        there.forEach((id, sum) -> {
            if (!isKnown(id, sum)) {
                read(id, sum);
            }
        });
        return there.keySet().stream()
                .flatMap(id -> Optional.ofNullable(known.get(id)).stream())
                .map(Known::entry)
                .toList();
    }

    private boolean isKnown(String id, long sum) {
        return known.containsKey(id) && known.get(id).sum() == sum;
    }

    /** A row that is to be unpacked. */
    private record Packed(String id, long sum, byte[] bytes) {}

    /** Several at once: to read them from the file takes less time than to make entries of them. */
    private void unpack() {
        h
                .createQuery("SELECT id, of, body FROM kept_glance WHERE kind = :kind AND maker = :maker")
                .bind("maker", PackedEntry.MAKER)
                .bind("kind", LOG)
                .map((row, c) -> new Packed(row.getString(1), row.getLong(2), row.getBytes(3)))
                .list()
                .parallelStream()
                .filter(p -> !isKnown(p.id(), p.sum()))
                .forEach(p -> PackedEntry.read(p.bytes()).ifPresent(e -> known.put(p.id(), new Known(p.sum(), e))));
    }

    private void read(String id, long sum) {
        known.remove(id);
        new DocumentRows(h).get(LOG, id).flatMap(row -> read(row.body())).ifPresent(entry -> {
            put(id, sum, entry);
            known.put(id, new Known(sum, entry));
        });
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

package wildchalk.storage.rescue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.storage.book.DrillRows;
import wildchalk.storage.book.Packing;
import wildchalk.storage.book.VersionRows;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/**
 * What can be read from the pages of a book, damaged or not.
 *
 * @param drills by id, each in its newest sound state
 * @param versions sound ones, by drill and number
 * @param known what the list of drills says there is, sound or not, by id
 * @param spoilt the share of the pages that are missing or empty
 */
record Salvage(Map<String, DrillRows.Raw> drills, Map<String, Map<Long, VersionRows.Raw>> versions, Map<String, Known> known, double spoilt) {

    static final Salvage NOTHING = new Salvage(Map.of(), Map.of(), Map.of(), 0);

    /** A drill of which nothing is sure but that there was one. */
    record Known(String title, long changed) {
    }

    static Salvage of(Path file) throws IOException {
        Pages pages = Pages.read(file);
        Salvage salvage = new Salvage(new HashMap<>(), new HashMap<>(), new HashMap<>(), pages.spoilt());
        Records records = new Records(pages);
        records.rows().forEach(salvage::take);
        records.entries().forEach(salvage::listed);
        return salvage;
    }

    private void take(List<Object> row) {
        if (isDrill(row)) {
            drill(row);
        } else if (isVersion(row)) {
            version(row);
        }
    }

    /** The index that the Book lists drills from begins with changed, id, title. */
    private void listed(List<Object> entry) {
        if (entry.size() >= 7 && entry.get(0) instanceof Long changed && entry.get(1) instanceof String id && entry.get(2) instanceof String title) {
            know(id, title, changed);
        }
    }

    private void know(String id, String title, long changed) {
        known.merge(id, new Known(title, changed), (a, b) -> b.changed() >= a.changed() ? b : a);
    }

    private static boolean isDrill(List<Object> row) {
        return row.size() >= 5 && row.get(0) instanceof String && row.get(1) instanceof String && row.get(2) instanceof String
                && row.get(3) instanceof Long && row.get(4) instanceof Long;
    }

    private static boolean isVersion(List<Object> row) {
        return row.size() >= 5 && row.get(0) instanceof String && row.get(1) instanceof Long && row.get(2) instanceof String
                && (row.get(3) instanceof String || row.get(3) instanceof byte[]) && row.get(4) instanceof Long;
    }

    /** Columns as they stand in the format: id, title, body, created, changed, deleted, favourite, used, sum. */
    private void drill(List<Object> row) {
        List<Object> full = new ArrayList<>(row);
        while (full.size() < 9) {
            full.add(null);
        }
        DrillRows.Raw raw = new DrillRows.Raw((String) row.get(0), (String) row.get(1), (String) row.get(2), (Long) row.get(3), (Long) row.get(4),
                full.get(5) instanceof Long d ? d : null, Long.valueOf(1).equals(full.get(6)), full.get(7) instanceof Long u ? u : null);
        if (!isSound(raw.body(), full.get(8), raw.sum())) {
            know(raw.id(), raw.title(), raw.changed());
            return;
        }
        drills.merge(raw.id(), raw, (a, b) -> b.changed() >= a.changed() ? b : a);
    }

    private void version(List<Object> row) {
        VersionRows.Raw raw = new VersionRows.Raw((String) row.get(0), (Long) row.get(1), (String) row.get(2), row.get(3), (Long) row.get(4));
        Object sum = row.size() > 5 ? row.get(5) : null;
        try {
            if (isSound(Packing.text(raw.body()), sum, raw.sum())) {
                versions.computeIfAbsent(raw.drill(), d -> new HashMap<>()).put(raw.n(), raw);
            }
        } catch (IOException e) {
            // One version less; how many there are is counted.
        }
    }

    /** By its sum; rows that are older than sums, by being a drill. */
    private static boolean isSound(String body, Object sum, long should) {
        if (sum instanceof Long is) {
            return is == should;
        }
        try {
            return !DrillReader.read(body).title().isEmpty();
        } catch (FormatException e) {
            return false;
        }
    }
}

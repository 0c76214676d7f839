package wildchalk.storage.rescue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.storage.book.DocumentRows;
import wildchalk.storage.book.Packing;
import wildchalk.storage.book.VersionRows;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Ref;

/**
 * What can be read from the pages of a book, damaged or not. A row is believed by its check sum, which covers its kind:
 * what merely has columns of the same types is none. Rows of books that are older than sums are believed when a drill
 * can be read.
 *
 * @param documents each in its newest sound state
 * @param versions sound ones, by document and number
 * @param known what the list of documents says there is, sound or not
 * @param tables the names of the tables that the file says it has
 * @param spoilt the share of the pages that are missing or empty
 */
record Salvage(
        Map<Ref, DocumentRows.Raw> documents,
        Map<Ref, Map<Long, VersionRows.Raw>> versions,
        Map<Ref, Known> known,
        Set<String> tables,
        double spoilt) {

    static final Salvage NOTHING = new Salvage(Map.of(), Map.of(), Map.of(), Set.of(), 0);
    private static final String DRILL = DrillKind.DRILLS.word();
    /** Columns of a document's row, of its row in the books of formats 1 to 4, and of the lists of either. */
    private static final int COLUMNS = 10;

    private static final int OLD_COLUMNS = 9;
    private static final int LISTED = 9;
    private static final int OLD_LISTED = 8;

    /** A document of which nothing is sure but that there was one. */
    record Known(String title, long changed) {}

    static Salvage of(Path file) throws IOException {
        Pages pages = Pages.read(file);
        Salvage salvage =
                new Salvage(new HashMap<>(), new HashMap<>(), new HashMap<>(), new HashSet<>(), pages.spoilt());
        Records records = new Records(pages);
        records.rows().forEach(salvage::take);
        List<List<Object>> entries = records.entries();
        entries.forEach(salvage::listed);
        // A book that has kinds lists nothing as older ones did: whatever looks like that is left over, or somebody
        // else's.
        if (!salvage.tables.contains("kept") && salvage.known.isEmpty()) {
            entries.forEach(salvage::listedBefore);
        }
        return salvage;
    }

    private void take(List<Object> row) {
        if (row.size() == COLUMNS && starts(row, "SSSSNN")) {
            document(raw((String) row.get(0), row.subList(1, COLUMNS)), row.get(COLUMNS - 1));
        } else if (row.size() >= 5 && row.size() <= OLD_COLUMNS && starts(row, "SSSNN")) {
            document(raw(DRILL, row), row.size() == OLD_COLUMNS ? row.get(OLD_COLUMNS - 1) : null);
        } else if (row.size() == 7 && starts(row, "SSNSBN")) {
            version(
                    new VersionRows.Raw(
                            (String) row.get(0),
                            (String) row.get(1),
                            (Long) row.get(2),
                            (String) row.get(3),
                            row.get(4),
                            (Long) row.get(5)),
                    row.get(6));
        } else if (row.size() >= 5 && row.size() <= 6 && starts(row, "SNSBN")) {
            version(
                    new VersionRows.Raw(
                            DRILL, (String) row.get(0), (Long) row.get(1), (String) row.get(2), row.get(3), (Long)
                                    row.get(4)),
                    row.size() > 5 ? row.get(5) : null);
        } else if (row.size() == 5 && starts(row, "SSSNS") && "table".equals(row.get(0))) {
            tables.add((String) row.get(1));
        }
    }

    /** The index that documents are listed from begins with kind, changed, id, title. */
    private void listed(List<Object> entry) {
        if (entry.size() == LISTED && starts(entry, "SNSS")) {
            know(new Ref((String) entry.get(0), (String) entry.get(2)), (String) entry.get(3), (Long) entry.get(1));
        }
    }

    /** Before there were kinds, with changed, id, title. */
    private void listedBefore(List<Object> entry) {
        if (entry.size() == OLD_LISTED && starts(entry, "NSS")) {
            know(new Ref(DRILL, (String) entry.get(1)), (String) entry.get(2), (Long) entry.get(0));
        }
    }

    /** @param types one for each column: S a text, N a number, B a text or bytes */
    private static boolean starts(List<Object> row, String types) {
        for (int i = 0; i < types.length(); i++) {
            Object column = i < row.size() ? row.get(i) : null;
            boolean fits =
                    switch (types.charAt(i)) {
                        case 'S' -> column instanceof String;
                        case 'N' -> column instanceof Long;
                        default -> column instanceof String || column instanceof byte[];
                    };
            if (!fits) {
                return false;
            }
        }
        return true;
    }

    private void know(Ref ref, String title, long changed) {
        known.merge(ref, new Known(title, changed), (a, b) -> b.changed() >= a.changed() ? b : a);
    }

    /**
     * @param columns id, title, body, created, changed, deleted, favourite, used; the last ones may be missing in old
     *     books
     */
    private static DocumentRows.Raw raw(String kind, List<Object> columns) {
        Object deleted = columns.size() > 5 ? columns.get(5) : null;
        Object favourite = columns.size() > 6 ? columns.get(6) : null;
        Object used = columns.size() > 7 ? columns.get(7) : null;
        return new DocumentRows.Raw(
                kind,
                (String) columns.get(0),
                (String) columns.get(1),
                (String) columns.get(2),
                new DocumentRows.Raw.Dates(
                        (Long) columns.get(3),
                        (Long) columns.get(4),
                        deleted instanceof Long d ? d : null,
                        used instanceof Long u ? u : null),
                Long.valueOf(1).equals(favourite));
    }

    private void document(DocumentRows.Raw raw, Object sum) {
        Ref ref = new Ref(raw.kind(), raw.id());
        if (isSound(raw.kind(), raw.body(), sum, raw.sum())) {
            documents.merge(ref, raw, (a, b) -> b.changed() >= a.changed() ? b : a);
        } else if (raw.body().contains('"' + Kind.format(raw.kind()) + '"')) {
            // A table of another program may have such columns; only what says itself what it was is missed.
            know(ref, raw.title(), raw.changed());
        }
    }

    private void version(VersionRows.Raw raw, Object sum) {
        try {
            if (isSound(raw.kind(), Packing.text(raw.body()), sum, raw.sum())) {
                versions.computeIfAbsent(new Ref(raw.kind(), raw.id()), d -> new HashMap<>())
                        .put(raw.n(), raw);
            }
        } catch (IOException e) {
            // One version less; how many there are is counted.
        }
    }

    /** By its sum; rows that are older than sums, by being a drill. */
    private static boolean isSound(String kind, String body, Object sum, long should) {
        if (sum instanceof Long is) {
            return is == should;
        }
        try {
            return kind.equals(DRILL)
                    && Optional.of(DrillKind.DRILLS.read(body).document())
                            .filter(d -> !d.title().isEmpty())
                            .isPresent();
        } catch (FormatException e) {
            return false;
        }
    }
}

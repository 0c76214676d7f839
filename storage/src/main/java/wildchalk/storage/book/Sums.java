package wildchalk.storage.book;

import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import wildchalk.storage.kind.DrillKind;

/**
 * Check sums of rows (CRC-32 over every column that matters, each ended by a zero byte). Rows of drills are older than
 * kinds: in their sums the kind does not stand, in those of all others it comes first.
 */
public final class Sums {

    private Sums() {}

    /** Of a document's row; {@code deleted} may be null. */
    public static long document(
            String kind, String id, String title, String body, long created, long changed, Long deleted) {
        return sum(kind, id, title, body, created, changed, deleted);
    }

    /** Of a row of versions, whose body is packed or, in old books, plain text. */
    public static long version(String kind, String id, long n, String edit, Object body, long made) {
        return sum(kind, id, n, edit, body, made);
    }

    private static long sum(String kind, Object... columns) {
        CRC32 crc = new CRC32();
        if (!kind.equals(DrillKind.DRILLS.word())) {
            add(kind, crc);
        }
        for (Object column : columns) {
            add(column, crc);
        }
        return crc.getValue();
    }

    private static void add(Object column, CRC32 crc) {
        crc.update(
                column instanceof byte[] bytes ? bytes : String.valueOf(column).getBytes(StandardCharsets.UTF_8));
        crc.update(0);
    }
}

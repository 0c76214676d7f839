package wildchalk.storage.book;

import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;

/** Check sums of rows (CRC-32 over every column that matters, each ended by a zero byte). */
public final class Sums {

    private Sums() {
    }

    /** Of a row of drills; {@code deleted} may be null. */
    public static long drill(String id, String title, String body, long created, long changed, Long deleted) {
        return sum(id, title, body, created, changed, deleted);
    }

    /** Of a row of versions, whose body is packed or, in old books, plain text. */
    public static long version(String drill, long n, String edit, Object body, long made) {
        return sum(drill, n, edit, body, made);
    }

    private static long sum(Object... columns) {
        CRC32 crc = new CRC32();
        for (Object column : columns) {
            crc.update(column instanceof byte[] bytes ? bytes : String.valueOf(column).getBytes(StandardCharsets.UTF_8));
            crc.update(0);
        }
        return crc.getValue();
    }
}

package wildchalk.storage.rescue;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;

/**
 * The rows in the leaves of tables and indexes, as SQLite's published file format lays them out. Each row is read for
 * itself: one that makes no sense is left out, its neighbours are not.
 */
final class Records {

    private static final int LEAF = 13;
    private static final int INDEX_LEAF = 10;
    private static final int LEAF_HEAD = 8;
    /** A drill is 8 MB at most. */
    private static final int LARGEST = 17 << 20;

    private static final int MOST_COLUMNS = 40;

    private final Pages pages;

    Records(Pages pages) {
        this.pages = pages;
    }

    /** Every row of a table that can be read on any page: each column null, a Long, a Double, a String or bytes. */
    List<List<Object>> rows() {
        return on(LEAF);
    }

    /** The same of indexes. */
    List<List<Object>> entries() {
        return on(INDEX_LEAF);
    }

    private List<List<Object>> on(int kind) {
        List<List<Object>> rows = new ArrayList<>();
        for (ByteBuffer page : pages.all()) {
            int head = Pages.head(page, pages.isFirst(page));
            if (page.get(head) == kind) {
                int cells = page.getShort(head + 3) & 0xFFFF;
                for (int i = 0; i < cells && head + LEAF_HEAD + 2 * i + 2 <= page.limit(); i++) {
                    int at = page.getShort(head + LEAF_HEAD + 2 * i) & 0xFFFF;
                    row(page, at, kind, pages::page)
                            .or(() -> row(page, at, kind, pages::inFile))
                            .ifPresent(rows::add);
                }
            }
        }
        return rows;
    }

    private Optional<List<Object>> row(ByteBuffer page, int at, int kind, IntFunction<ByteBuffer> overflow) {
        try {
            Cursor cursor = new Cursor(page, at);
            long length = cursor.varint();
            if (kind == LEAF) {
                cursor.varint();
            }
            if (length <= 0 || length > LARGEST) {
                return Optional.empty();
            }
            return Optional.of(columns(payload(page, cursor.at, (int) length, kind == LEAF, overflow)));
        } catch (IndexOutOfBoundsException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** What fits stands on the page itself, the rest on a chain of others. */
    private byte[] payload(ByteBuffer page, int at, int length, boolean table, IntFunction<ByteBuffer> overflow) {
        int usable = pages.size();
        int most = table ? usable - 35 : (usable - 12) * 64 / 255 - 23;
        int least = (usable - 12) * 32 / 255 - 23;
        int here = length;
        if (length > most) {
            int fitting = least + (length - least) % (usable - 4);
            here = fitting <= most ? fitting : least;
        }
        byte[] payload = new byte[length];
        page.get(at, payload, 0, here);
        int next = here < length ? page.getInt(at + here) : 0;
        for (int done = here; done < length; ) {
            ByteBuffer more = overflow.apply(next);
            if (more == null) {
                throw new IllegalArgumentException("the chain is broken");
            }
            int n = Math.min(usable - 4, length - done);
            more.get(4, payload, done, n);
            next = more.getInt(0);
            done += n;
        }
        return payload;
    }

    private static List<Object> columns(byte[] payload) {
        Cursor head = new Cursor(ByteBuffer.wrap(payload), 0);
        long headLength = head.varint();
        List<Long> types = new ArrayList<>();
        while (head.at < headLength && types.size() < MOST_COLUMNS) {
            types.add(head.varint());
        }
        List<Object> columns = new ArrayList<>();
        ByteBuffer body = ByteBuffer.wrap(payload).position(Math.toIntExact(headLength));
        for (long type : types) {
            columns.add(column(type, body));
        }
        return columns;
    }

    private static Object column(long type, ByteBuffer body) {
        if (type >= 12) {
            byte[] bytes = new byte[Math.toIntExact((type - 12) / 2)];
            if (bytes.length > body.remaining()) {
                throw new IllegalArgumentException("longer than the row");
            }
            body.get(bytes);
            return type % 2 == 0 ? bytes : new String(bytes, StandardCharsets.UTF_8);
        }
        return switch ((int) type) {
            case 0 -> null;
            case 1, 2, 3, 4 -> number(body, (int) type);
            case 5 -> number(body, 6);
            case 6 -> number(body, 8);
            case 7 -> Double.longBitsToDouble(number(body, 8));
            case 8 -> 0L;
            case 9 -> 1L;
            default -> throw new IllegalArgumentException("no such type");
        };
    }

    private static long number(ByteBuffer body, int bytes) {
        if (body.remaining() < bytes) {
            throw new IllegalArgumentException("longer than the row");
        }
        long value = body.get();
        for (int i = 1; i < bytes; i++) {
            value = value << 8 | body.get() & 0xFF;
        }
        return value;
    }

    private static final class Cursor {

        private final ByteBuffer bytes;
        private int at;

        Cursor(ByteBuffer bytes, int at) {
            this.bytes = bytes;
            this.at = at;
        }

        /** Seven bits of each byte, the highest first; the ninth gives all eight. */
        long varint() {
            long value = 0;
            for (int i = 0; i < 8; i++) {
                byte b = bytes.get(at++);
                value = value << 7 | b & 0x7F;
                if (b >= 0) {
                    return value;
                }
            }
            return value << 8 | bytes.get(at++) & 0xFF;
        }
    }
}

package wildchalk.storage.rescue;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The pages of an SQLite file and of the edits that are still beside it (the write-ahead log), as SQLite's published
 * file format lays them out.
 */
final class Pages {

    /** What our books have; a page size that is not a power of two from 512 on is damaged. */
    private static final int USUAL_SIZE = 4096;

    private static final int FILE_HEAD = 100;
    private static final int PAGE_COUNT = 28;
    /** A gigabyte and more; a number beyond is spoilt itself. */
    private static final int MOST_PAGES = 1 << 20;

    private static final int LOG_HEAD = 32;
    private static final int FRAME_HEAD = 24;

    private final int size;
    private final List<ByteBuffer> inFile = new ArrayList<>();
    private final List<ByteBuffer> inLog = new ArrayList<>();
    private final Map<Integer, ByteBuffer> newest = new HashMap<>();

    private Pages(int size) {
        this.size = size;
    }

    /** Reads a file and the log beside it, if there is one. */
    static Pages read(Path file) throws IOException {
        ByteBuffer all = ByteBuffer.wrap(Files.readAllBytes(file));
        Pages pages = new Pages(size(all));
        for (int at = 0; at + pages.size <= all.limit(); at += pages.size) {
            pages.inFile.add(all.slice(at, pages.size));
        }
        Path log = file.resolveSibling(file.getFileName() + "-wal");
        if (Files.exists(log)) {
            pages.log(ByteBuffer.wrap(Files.readAllBytes(log)));
        }
        return pages;
    }

    private static int size(ByteBuffer file) {
        if (file.limit() < FILE_HEAD) {
            return USUAL_SIZE;
        }
        int said = file.getShort(16) & 0xFFFF;
        int size = said == 1 ? 65536 : said;
        return size >= 512 && Integer.bitCount(size) == 1 ? size : USUAL_SIZE;
    }

    private void log(ByteBuffer log) {
        for (int at = LOG_HEAD; at + FRAME_HEAD + size <= log.limit(); at += FRAME_HEAD + size) {
            ByteBuffer page = log.slice(at + FRAME_HEAD, size);
            inLog.add(page);
            newest.put(log.getInt(at), page);
        }
    }

    /** The share of the pages that should be there and are missing or empty: no page that is in use is all zeros. */
    double spoilt() {
        ByteBuffer first = inFile.isEmpty() ? null : inFile.get(0);
        // The head of the file says how many pages there are; where that is spoilt as well, those that there are count.
        int said = first == null ? 0 : first.getInt(PAGE_COUNT);
        int should = said > inFile.size() && said < MOST_PAGES ? said : inFile.size();
        long empty = inFile.stream().filter(Pages::isEmpty).count();
        return should == 0 ? 1 : (should - inFile.size() + empty) / (double) should;
    }

    private static boolean isEmpty(ByteBuffer page) {
        for (int i = 0; i < page.limit(); i++) {
            if (page.get(i) != 0) {
                return false;
            }
        }
        return true;
    }

    int size() {
        return size;
    }

    /** All that there are, older states of the same page included. */
    List<ByteBuffer> all() {
        List<ByteBuffer> all = new ArrayList<>(inFile);
        all.addAll(inLog);
        return all;
    }

    /** The newest state of a page; null when there is none. Pages count from 1. */
    ByteBuffer page(int number) {
        ByteBuffer logged = newest.get(number);
        return logged != null ? logged : inFile(number);
    }

    /** A page as it is in the file; null when there is none. */
    ByteBuffer inFile(int number) {
        return number >= 1 && number <= inFile.size() ? inFile.get(number - 1) : null;
    }

    /** Where a page's own head begins: the first page has the file's head before it. */
    static int head(ByteBuffer page, boolean first) {
        return first ? FILE_HEAD : 0;
    }

    boolean isFirst(ByteBuffer page) {
        return !inFile.isEmpty() && page == inFile.get(0);
    }
}

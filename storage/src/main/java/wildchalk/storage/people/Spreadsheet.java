package wildchalk.storage.people;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;

/**
 * The first sheet of a spreadsheet (.xlsx). It is looked through before it is read: what is packed so that it would
 * burst, and what brings definitions of its own, is refused. Formulas stand for what they came to; nothing is run.
 */
final class Spreadsheet {

    private static final long MOST_BYTES = 64L << 20;
    private static final int MOST_PARTS = 2000;
    private static final int MOST_COLUMNS = 200;
    private static final byte[] DEFINES = "<!DOCTYPE".getBytes(StandardCharsets.US_ASCII);
    private static final int BLOCK = 8192;

    private Spreadsheet() {}

    /** A spreadsheet that is none, or that is not opened. */
    static final class Refused extends Exception {

        private static final long serialVersionUID = 1L;

        private final String why;

        Refused(String why) {
            this.why = why;
        }

        /** The key of the words for it. */
        String why() {
            return why;
        }
    }

    /** Whether bytes are meant to be one. */
    static boolean isOne(byte[] bytes) {
        return bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K' && bytes[2] == 3 && bytes[3] == 4;
    }

    /** @throws Refused when it is no spreadsheet or not opened */
    static Table of(byte[] bytes) throws Refused {
        lookThrough(bytes);
        List<Table.Row> rows = new ArrayList<>();
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(bytes));
                Stream<Row> sheet = book.getFirstSheet().openStream()) {
            sheet.limit(PeopleFile.MOST + 2L).forEach(row -> {
                List<String> cells = new ArrayList<>();
                for (int i = 0; i < Math.min(MOST_COLUMNS, row.getCellCount()); i++) {
                    cells.add(text(row.getCell(i)));
                }
                if (cells.stream().anyMatch(c -> !c.isEmpty())) {
                    rows.add(new Table.Row(row.getRowNum(), cells));
                }
            });
        } catch (IOException | UncheckedIOException | ExcelReaderException e) {
            throw new Refused("no.sheet");
        }
        return new Table(rows, false);
    }

    private static String text(Cell cell) {
        if (cell == null || cell.getType() == CellType.EMPTY || cell.getType() == CellType.ERROR) {
            return "";
        }
        if (cell.getType() == CellType.NUMBER) {
            return cell.asNumber().stripTrailingZeros().toPlainString();
        }
        String text = cell.getType() == CellType.FORMULA ? cell.getRawValue() : cell.getText();
        return text == null ? "" : text.strip();
    }

    private static void lookThrough(byte[] bytes) throws Refused {
        long left = MOST_BYTES;
        int parts = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            while (zip.getNextEntry() != null) {
                left -= lookThrough(zip, left);
                parts++;
                if (left < 0 || parts > MOST_PARTS) {
                    throw new Refused("bursts");
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new Refused("no.sheet");
        }
    }

    /** @return how many bytes a part has, or more than are left */
    private static long lookThrough(ZipInputStream part, long left) throws IOException, Refused {
        byte[] block = new byte[BLOCK];
        long all = 0;
        int match = 0;
        for (int n = part.read(block); n > 0 && all <= left; n = part.read(block)) {
            all += n;
            for (int i = 0; i < n; i++) {
                int again = block[i] == DEFINES[0] ? 1 : 0;
                match = block[i] == DEFINES[match] ? match + 1 : again;
                if (match == DEFINES.length) {
                    throw new Refused("defines");
                }
            }
        }
        return all;
    }
}

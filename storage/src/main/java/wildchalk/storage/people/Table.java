package wildchalk.storage.people;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Cells of a text: commas, semicolons or tabs between them, quoted or not, as spreadsheets write them.
 *
 * @param rows without empty ones
 * @param old whether it was not in UTF-8
 */
record Table(List<Row> rows, boolean old) {

    private static final Charset WESTERN = Charset.forName("windows-1252");
    private static final String BETWEEN = ",;\t";
    /** With this a spreadsheet says in the first line what stands between cells. */
    private static final String SAID = "sep=";

    /**
     * A line of a table.
     *
     * @param line where it begins in the text, from 1
     */
    record Row(long line, List<String> cells) {}

    /** Text that is no table: a quotation mark is never closed. */
    static final class Open extends Exception {

        private static final long serialVersionUID = 1L;

        private final long line;

        Open(long line) {
            this.line = line;
        }

        long line() {
            return line;
        }
    }

    /** Whether bytes are no text at all. */
    static boolean isNoText(byte[] bytes) {
        if (isWide(bytes)) {
            return false;
        }
        for (byte b : bytes) {
            if (b == 0) {
                return true;
            }
        }
        return false;
    }

    private static boolean isWide(byte[] bytes) {
        return bytes.length > 1 && (bytes[0] == -1 && bytes[1] == -2 || bytes[0] == -2 && bytes[1] == -1);
    }

    /** @throws Open when a quotation mark is never closed */
    static Table of(byte[] bytes) throws Open {
        boolean old = false;
        String text;
        try {
            Charset wide = StandardCharsets.UTF_16;
            text = (isWide(bytes) ? wide : StandardCharsets.UTF_8)
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            text = new String(bytes, WESTERN);
            old = true;
        }
        return new Table(rows(text.startsWith("\ufeff") ? text.substring(1) : text), old);
    }

    private static List<Row> rows(String text) throws Open {
        String first = text.lines().filter(l -> !l.isBlank()).findFirst().orElse("");
        boolean said = first.startsWith(SAID) && first.length() == SAID.length() + 1;
        char between = said ? first.charAt(SAID.length()) : between(first);
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(between)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .build();
        List<Row> rows = new ArrayList<>();
        long line = 0;
        try (CSVParser parser = CSVParser.parse(text, format)) {
            for (CSVRecord each : parser) {
                List<String> cells = each.stream().map(String::strip).toList();
                boolean heading = said && rows.isEmpty() && each.getRecordNumber() == 1;
                if (!heading && cells.stream().anyMatch(c -> !c.isEmpty())) {
                    rows.add(new Row(line + 1, cells));
                }
                line = parser.getCurrentLineNumber();
            }
        } catch (IOException | UncheckedIOException e) {
            throw new Open(line + 1);
        }
        return rows;
    }

    /** What stands between the cells of a line: whatever of it there is most outside quotation marks. */
    private static char between(String line) {
        int[] counts = new int[BETWEEN.length()];
        boolean quoted = false;
        for (int i = 0; i < line.length(); i++) {
            char c = line.charAt(i);
            quoted ^= c == '"';
            int which = BETWEEN.indexOf(c);
            if (!quoted && which >= 0) {
                counts[which]++;
            }
        }
        int most = 0;
        for (int i = 1; i < counts.length; i++) {
            most = counts[i] > counts[most] ? i : most;
        }
        return BETWEEN.charAt(most);
    }
}

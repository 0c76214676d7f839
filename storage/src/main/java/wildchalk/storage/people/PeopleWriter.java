package wildchalk.storage.people;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wildchalk.core.grouping.Handed;
import wildchalk.core.squad.Member;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.table.Cell;

/** Writes people as a table that any spreadsheet opens; nothing in it can be taken for something to be worked out. */
public final class PeopleWriter {

    private PeopleWriter() {}

    /**
     * A table with heads.
     *
     * @param views whether the coach's own view of them, their strength and speed, is written too
     */
    public static String write(List<Member> people, boolean views) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.DEFAULT)) {
            List<String> heads = new ArrayList<>(
                    List.of(Column.NAME.head(), Column.NUMBER.head(), Column.POSITION.head(), Column.SIDE.head()));
            if (views) {
                heads.add(Column.STRENGTH.head());
                heads.add(Column.SPEED.head());
            }
            out.printRecord(heads);
            for (Member person : people) {
                out.printRecord(cells(person, views));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /**
     * Groups as a table with heads, a line for each of the people.
     *
     * @param groups who is in each, by its name
     */
    public static String groups(Map<String, List<String>> groups) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.DEFAULT)) {
            out.printRecord(PeopleFile.BOOK.say("head.group"), Column.NAME.head());
            for (Map.Entry<String, List<String>> group : groups.entrySet()) {
                for (String person : group.getValue()) {
                    out.printRecord(Cell.harmless(group.getKey()), Cell.harmless(person));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static List<String> cells(Member person, boolean views) {
        String side = person.side() == Handed.UNSAID ? "" : Wordbook.key(person.side());
        List<String> cells = new ArrayList<>(List.of(
                Cell.harmless(person.name()),
                Cell.harmless(person.number()),
                Cell.harmless(String.join("/", person.positions())),
                side));
        if (views) {
            cells.add(
                    person.level().strength() == 0
                            ? ""
                            : Integer.toString(person.level().strength()));
            cells.add(
                    person.level().speed() == 0
                            ? ""
                            : Double.toString(person.level().speed()));
        }
        return cells;
    }
}

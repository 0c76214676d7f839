package wildchalk.storage.people;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wildchalk.core.grouping.Handed;
import wildchalk.core.squad.Member;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.table.Cell;

/**
 * People from a table in a text or the first sheet of a spreadsheet, with columns in any order, or from a list with a
 * name in each line.
 */
public final class PeopleFile {

    /** More lines than these are not taken. */
    public static final int MOST = 6000;

    static final Wordbook BOOK = Wordbook.beside(PeopleFile.class, "People");

    private static final long LARGEST = 8L << 20;
    private static final double FASTEST = 3;
    /** "7 Ada", "7. Ada" in a list of names alone. */
    private static final Pattern NUMBERED = Pattern.compile("([0-9]{1,3})[.):]?\\s+(\\S.*)");

    private final String file;
    private final Map<Column, Integer> columns = new LinkedHashMap<>();
    private final List<String> words = new ArrayList<>();

    private PeopleFile(String file) {
        this.file = file;
    }

    /**
     * Reads a list of people from a file.
     *
     * @throws FormatException when there is none or it is no such list; the message names the file
     */
    public static Taken read(Path file) throws FormatException {
        String name = String.valueOf(file.getFileName());
        try {
            if (Files.size(file) > LARGEST) {
                throw new FormatException(BOOK.say("large", name));
            }
            return read(Files.readAllBytes(file), name);
        } catch (NoSuchFileException e) {
            throw new FormatException(BOOK.say("none", name));
        } catch (IOException e) {
            throw new FormatException(BOOK.say("unreadable", name));
        }
    }

    /**
     * Reads a list of people.
     *
     * @param name how the list is called where something is wrong with it
     * @throws FormatException when it is no such list
     */
    public static Taken read(byte[] bytes, String name) throws FormatException {
        if (!Spreadsheet.isOne(bytes) && Table.isNoText(bytes)) {
            throw new FormatException(BOOK.say("no.text", name));
        }
        try {
            return new PeopleFile(name).people(Spreadsheet.isOne(bytes) ? Spreadsheet.of(bytes) : Table.of(bytes));
        } catch (Spreadsheet.Refused e) {
            throw new FormatException(BOOK.say(e.why(), name));
        } catch (Table.Open e) {
            throw new FormatException(BOOK.say("open.quote", name, e.line()));
        }
    }

    private Taken people(Table table) throws FormatException {
        if (table.rows().size() > MOST) {
            throw new FormatException(BOOK.say("many", file, MOST));
        }
        if (table.old()) {
            words.add(BOOK.say("old"));
        }
        List<Table.Row> rows = oneEach(table.rows());
        boolean headed = !rows.isEmpty() && heads(rows.get(0).cells());
        if (!headed && rows.stream().anyMatch(r -> r.cells().size() > 1)) {
            throw new FormatException(BOOK.say("no.column", file));
        }
        if (!headed) {
            columns.put(Column.NAME, 0);
        }
        List<Member> people = new ArrayList<>();
        int nameless = 0;
        for (Table.Row row : headed ? rows.subList(1, rows.size()) : rows) {
            Optional<Member> one = member(row, "m" + (people.size() + 1));
            one.ifPresent(people::add);
            nameless += one.isEmpty() ? 1 : 0;
        }
        if (nameless > 0) {
            words.add(BOOK.say("nameless", nameless));
        }
        if (people.isEmpty()) {
            throw new FormatException(BOOK.say("no.names", file));
        }
        people.stream()
                .collect(Collectors.groupingBy(Member::name, LinkedHashMap::new, Collectors.counting()))
                .forEach((name, n) -> {
                    if (n > 1) {
                        words.add(BOOK.say("double", name, n));
                    }
                });
        return new Taken(people, words);
    }

    /** Names that stand in one line, with commas between them, are names a line each. */
    private static List<Table.Row> oneEach(List<Table.Row> rows) {
        if (rows.size() != 1
                || rows.get(0).cells().stream().anyMatch(c -> Column.of(c).isPresent())) {
            return rows;
        }
        Table.Row only = rows.get(0);
        return only.cells().stream()
                .map(String::strip)
                .filter(c -> !c.isEmpty())
                .map(c -> new Table.Row(only.line(), List.of(c)))
                .toList();
    }

    /** Takes the first line for heads, if one of them is for names. */
    private boolean heads(List<String> cells) {
        for (int i = 0; i < cells.size(); i++) {
            int at = i;
            Column.of(cells.get(i)).ifPresent(c -> columns.putIfAbsent(c, at));
        }
        boolean named = columns.containsKey(Column.NAME)
                || columns.containsKey(Column.FIRST)
                || columns.containsKey(Column.LAST);
        if (!named) {
            columns.clear();
        }
        return named;
    }

    private String cell(Table.Row row, Column column) {
        Integer at = columns.get(column);
        return at == null || at >= row.cells().size()
                ? ""
                : Cell.asItWas(row.cells().get(at));
    }

    private Optional<Member> member(Table.Row row, String id) {
        String name = cell(row, Column.NAME);
        if (name.isEmpty()) {
            name = (cell(row, Column.FIRST) + " " + cell(row, Column.LAST)).strip();
        }
        if (name.isEmpty()) {
            return Optional.empty();
        }
        Matcher numbered = NUMBERED.matcher(name);
        String number = cell(row, Column.NUMBER);
        if (columns.size() == 1 && numbered.matches()) {
            number = numbered.group(1);
            name = numbered.group(2);
        }
        Member.Level level = new Member.Level(strength(row), speed(row), List.of());
        List<String> positions = List.of(cell(row, Column.POSITION).split("[/|;,]")).stream()
                .map(String::strip)
                .filter(p -> !p.isEmpty())
                .map(p -> p.toLowerCase(Locale.ROOT))
                .distinct()
                .toList();
        return Optional.of(Member.named(id, name)
                .called(name, number)
                .playing(positions, side(row))
                .at(level));
    }

    private int strength(Table.Row row) {
        String text = cell(row, Column.STRENGTH);
        if (text.isEmpty()) {
            return 0;
        }
        Optional<Double> number = number(text).filter(n -> n >= 1 && n <= Member.STRONGEST && n == Math.rint(n));
        if (number.isEmpty()) {
            words.add(BOOK.say("strength", row.line(), text));
        }
        return number.map(Double::intValue).orElse(0);
    }

    private double speed(Table.Row row) {
        String text = cell(row, Column.SPEED);
        if (text.isEmpty()) {
            return 0;
        }
        Optional<Double> number = number(text).filter(n -> n > 0 && n <= FASTEST);
        if (number.isEmpty()) {
            words.add(BOOK.say("speed", row.line(), text));
        }
        return number.orElse(0.0);
    }

    private static Optional<Double> number(String text) {
        try {
            return Optional.of(Double.parseDouble(text.replace(',', '.')));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private Handed side(Table.Row row) {
        String text = cell(row, Column.SIDE);
        if (text.isEmpty()) {
            return Handed.UNSAID;
        }
        for (Handed side : List.of(Handed.LEFT, Handed.RIGHT, Handed.BOTH)) {
            List<String> known = List.of(BOOK.say("side." + Wordbook.key(side)).split(","));
            if (known.contains(text.toLowerCase(Locale.ROOT))) {
                return side;
            }
        }
        words.add(BOOK.say("side", row.line(), text));
        return Handed.UNSAID;
    }
}

package wildchalk.storage.season;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.season.Called;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.table.Cell;

/** The log as tables that any spreadsheet opens. Numbers have a point, times are seconds, days are 2026-11-30. */
public final class LogTables {

    private static final Wordbook BOOK = Wordbook.beside(LogTables.class, "Tables");
    private static final double MILLIS = 1000;

    private LogTables() {}

    /**
     * All of it, by the name of each table.
     *
     * @param season what is written; its evenings are
     * @param called what people are called in it
     */
    public static Map<String, String> of(Season season, Called called) {
        List<Entry> entries =
                season.evenings().stream().map(Season.Evening::entry).toList();
        Map<String, String> tables = new LinkedHashMap<>();
        tables.put(BOOK.say("evenings"), table("evenings.heads", evenings(season, called)));
        tables.put(BOOK.say("parts"), table("parts.heads", parts(entries, called)));
        tables.put(BOOK.say("people"), table("people.heads", people(season, called)));
        tables.put(BOOK.say("tallies"), table("tallies.heads", tallies(entries, called)));
        tables.put(BOOK.say("attempts"), table("attempts.heads", attempts(entries, called)));
        return tables;
    }

    private static String table(String heads, List<List<Object>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.DEFAULT)) {
            out.printRecord((Object[]) BOOK.say(heads).split(","));
            for (List<Object> row : rows) {
                out.printRecord(row.stream().map(LogTables::cell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String cell(Object value) {
        if (value instanceof Double number) {
            return number == Math.rint(number) && Math.abs(number) < 1e15
                    ? Long.toString(Math.round(number))
                    : String.format(Locale.ROOT, "%.3f", number);
        }
        return value instanceof Number ? value.toString() : Cell.harmless(String.valueOf(value));
    }

    private static List<List<Object>> evenings(Season season, Called called) {
        return season.evenings().stream()
                .map(e -> List.<Object>of(
                        e.entry().when().day(),
                        e.entry().when().start(),
                        called.words(e.entry().title()),
                        e.minutes(),
                        e.load(),
                        e.entry().there().people(),
                        e.entry().there().known().stream()
                                .map(id -> called.of(e.entry().there().key(id)))
                                .collect(Collectors.joining("; "))))
                .toList();
    }

    private static List<List<Object>> parts(List<Entry> entries, Called called) {
        List<List<Object>> rows = new ArrayList<>();
        for (Entry entry : entries) {
            for (int i = 0; i < entry.parts().size(); i++) {
                Part part = entry.parts().get(i);
                rows.add(List.of(
                        entry.when().day(),
                        entry.when().start(),
                        i + 1,
                        called.words(part.title()),
                        part.drill().map(d -> called.words(d.title())).orElse(""),
                        part.seconds(),
                        part.time().planned(),
                        part.before(),
                        part.time().plannedBefore(),
                        part.time().meanwhile() ? BOOK.say("yes") : "",
                        part.went() == Part.Went.UNSAID ? "" : Wordbook.key(part.went()),
                        part.work()
                                .map(w -> w.skills().entrySet().stream()
                                        .map(s -> s.getKey().words() + " " + Math.round(s.getValue() * 100) + "%")
                                        .collect(Collectors.joining("; ")))
                                .orElse("")));
            }
        }
        return rows;
    }

    private static List<List<Object>> people(Season season, Called called) {
        return season.people().stream().map(p -> row(p, called)).toList();
    }

    private static List<Object> row(PersonLine person, Called called) {
        PersonLine.Did did = person.did();
        return List.of(
                called.of(person.id()),
                person.evenings(),
                did.minutes(),
                did.busy(),
                did.metres(),
                did.sprints(),
                did.touches(),
                did.shots(),
                person.made(),
                person.missed());
    }

    private static List<List<Object>> tallies(List<Entry> entries, Called called) {
        List<List<Object>> rows = new ArrayList<>();
        entries.forEach(e -> e.parts().forEach(p -> p.result()
                .counted()
                .forEach(c -> rows.add(List.of(
                        e.when().day(),
                        called.words(p.title()),
                        called.words(c.what()),
                        called.in(e, c.who()),
                        c.made(),
                        c.missed(),
                        c.worth())))));
        return rows;
    }

    private static List<List<Object>> attempts(List<Entry> entries, Called called) {
        List<List<Object>> rows = new ArrayList<>();
        entries.forEach(e -> e.parts().forEach(p -> p.result()
                .timed()
                .forEach(t -> rows.add(List.of(
                        e.when().day(),
                        called.words(p.title()),
                        called.words(t.what()),
                        called.in(e, t.who()),
                        t.metres(),
                        t.splits().get(t.splits().size() - 1) / MILLIS,
                        t.splits().stream()
                                .map(s -> String.format(Locale.ROOT, "%.3f", s / MILLIS))
                                .collect(Collectors.joining("; ")))))));
        return rows;
    }
}

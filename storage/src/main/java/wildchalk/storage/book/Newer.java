package wildchalk.storage.book;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import org.sqlite.SQLiteDataSource;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** Reads as much as it understands of a book of another format into one of this format, in memory. */
final class Newer {

    private Newer() {
    }

    /** The book in memory; what is written by a newer program and cannot be read is left out. */
    static Handle inMemory(Handle other) {
        SQLiteDataSource source = Sqlite.memory();
        Handle memory = Sqlite.open(source);
        Opening.migrate(source);
        Set<String> columns = columns(other, "drill");
        if (columns.containsAll(List.of("id", "body"))) {
            memory.useTransaction(into -> rows(other, "SELECT * FROM drill").forEach(row -> drill(row, into)));
        }
        if (columns(other, "setting").containsAll(List.of("name", "value"))) {
            memory.useTransaction(into -> rows(other, "SELECT name, value FROM setting").forEach(row ->
                    into.execute("INSERT OR REPLACE INTO setting (name, value) VALUES (?, ?)", row.get("name"), row.get("value"))));
        }
        return memory;
    }

    private static Set<String> columns(Handle other, String table) {
        return other.createQuery("SELECT name FROM pragma_table_info(:t)").bind("t", table).mapTo(String.class).stream().collect(Collectors.toSet());
    }

    private static List<Map<String, Object>> rows(Handle other, String query) {
        return other.createQuery(query).mapToMap().list();
    }

    private static void drill(Map<String, Object> row, Handle into) {
        String body = String.valueOf(row.get("body"));
        try {
            String title = DrillReader.read(body).title();
            new DrillRows(into).put(new DrillRows.Raw(String.valueOf(row.get("id")), title, body, number(row, "created").orElse(0L),
                    number(row, "changed").orElse(0L), number(row, "deleted").orElse(null), number(row, "favourite").orElse(0L) > 0,
                    number(row, "used").orElse(null)));
        } catch (FormatException e) {
            // A drill of a newer format: whoever updates the program sees it again.
        }
    }

    private static Optional<Long> number(Map<String, Object> row, String column) {
        return row.get(column) instanceof Number n ? Optional.of(n.longValue()) : Optional.empty();
    }
}

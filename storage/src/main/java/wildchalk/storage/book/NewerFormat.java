package wildchalk.storage.book;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import org.sqlite.SQLiteDataSource;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Kinds;

/** Reads as much as it understands of a book of another format into one of this format, in memory. */
final class NewerFormat {

    private NewerFormat() {}

    /** The book in memory; what is written by a newer program and cannot be read is left out. */
    static Handle inMemory(Handle other) {
        SQLiteDataSource source = Sqlite.memory();
        Handle memory = Sqlite.open(source);
        Opening.migrate(source);
        if (columns(other, "kept").containsAll(List.of("kind", "id", "body"))) {
            memory.useTransaction(into -> rows(other, "SELECT * FROM kept")
                    .forEach(row -> document(String.valueOf(row.get("kind")), row, into)));
        } else if (columns(other, "drill").containsAll(List.of("id", "body"))) {
            memory.useTransaction(into ->
                    rows(other, "SELECT * FROM drill").forEach(row -> document(DrillKind.DRILLS.word(), row, into)));
        }
        if (columns(other, "setting").containsAll(List.of("name", "value"))) {
            memory.useTransaction(into -> rows(other, "SELECT name, value FROM setting")
                    .forEach(row -> into.execute(
                            "INSERT OR REPLACE INTO setting (name, value) VALUES (?, ?)",
                            row.get("name"),
                            row.get("value"))));
        }
        return memory;
    }

    private static Set<String> columns(Handle other, String table) {
        return other.createQuery("SELECT name FROM pragma_table_info(:t)").bind("t", table).mapTo(String.class).stream()
                .collect(Collectors.toSet());
    }

    private static List<Map<String, Object>> rows(Handle other, String query) {
        return other.createQuery(query).mapToMap().list();
    }

    private static void document(String kind, Map<String, Object> row, Handle into) {
        String body = String.valueOf(row.get("body"));
        // What is of a kind that only the newer program knows is looked at by nobody here, but it is there.
        title(kind, body, row).ifPresent(title -> new DocumentRows(into)
                .put(new DocumentRows.Raw(
                        kind,
                        String.valueOf(row.get("id")),
                        title,
                        body,
                        new DocumentRows.Raw.Dates(
                                number(row, "created").orElse(0L),
                                number(row, "changed").orElse(0L),
                                number(row, "deleted").orElse(null),
                                number(row, "used").orElse(null)),
                        number(row, "favourite").orElse(0L) > 0)));
    }

    /** Empty for a document of a newer format: whoever updates the program sees it again. */
    private static Optional<String> title(String kind, String body, Map<String, Object> row) {
        Optional<Kind<?>> known = Kinds.USUAL.of(kind);
        try {
            return Optional.of(
                    known.isPresent() ? known.get().read(body).document().title() : String.valueOf(row.get("title")));
        } catch (FormatException e) {
            return Optional.empty();
        }
    }

    private static Optional<Long> number(Map<String, Object> row, String column) {
        return row.get(column) instanceof Number n ? Optional.of(n.longValue()) : Optional.empty();
    }
}

package wildchalk.storage.book;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jdbi.v3.core.Handle;
import wildchalk.storage.kind.DrillKind;

/** How a coach orders drills: named collections. */
public final class Shelf {

    private final Handle h;

    /** The collections of an open book. */
    public Shelf(Handle handle) {
        this.h = handle;
    }

    /** A named set of drills. */
    public record Collection(long id, String name) {}

    /** By name. */
    List<Collection> collections() {
        return h.createQuery("SELECT id, name FROM collection ORDER BY name COLLATE NOCASE")
                .map((row, c) -> new Collection(row.getLong("id"), row.getString("name")))
                .list();
    }

    /** The collection of this name, which is made when there is none. */
    public long collection(String name) {
        h.createUpdate("INSERT INTO collection (name) VALUES (:name) ON CONFLICT (name) DO NOTHING")
                .bind("name", name)
                .execute();
        return h.createQuery("SELECT id FROM collection WHERE name = :name")
                .bind("name", name)
                .mapTo(Long.class)
                .one();
    }

    /** A name that another collection has is not taken. */
    void rename(long collection, String name) {
        h.createUpdate("UPDATE OR IGNORE collection SET name = :name WHERE id = :id")
                .bind("name", name)
                .bind("id", collection)
                .execute();
    }

    void remove(long collection) {
        h.createUpdate("DELETE FROM collection WHERE id = :id")
                .bind("id", collection)
                .execute();
    }

    /** Puts a drill into a collection or takes it out, by their ids. */
    public void collect(long collection, String drill, boolean in) {
        h.createUpdate(
                        in
                                ? "INSERT OR IGNORE INTO kept_collected (collection, kind, id) SELECT id, "
                                        + ":kind, :drill FROM collection WHERE id = :collection"
                                : "DELETE FROM kept_collected WHERE collection = :collection AND kind = :kind "
                                        + "AND id = :drill")
                .bind("collection", collection)
                .bind("kind", DrillKind.DRILLS.word())
                .bind("drill", drill)
                .execute();
    }

    /** The collections of each drill that is in any. */
    Map<String, Set<Long>> collected() {
        Map<String, Set<Long>> all = new HashMap<>();
        h.createQuery("SELECT id, collection FROM kept_collected WHERE kind = :kind")
                .bind("kind", DrillKind.DRILLS.word())
                .map((row, c) -> all.computeIfAbsent(row.getString(1), d -> new HashSet<>())
                        .add(row.getLong(2)))
                .list();
        return all;
    }
}

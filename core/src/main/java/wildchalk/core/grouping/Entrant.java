package wildchalk.core.grouping;

import java.util.List;
import java.util.Set;

/**
 * Somebody who is to be in a group.
 *
 * @param id unique among those who are divided
 * @param strength 1 to 5
 * @param positions the likeliest first; may be empty
 * @param notes what else counts tonight
 */
public record Entrant(String id, int strength, List<String> positions, Handed side, Set<Note> notes) {

    /** What else counts tonight. */
    public enum Note {
        LATE,
        EASY
    }

    public Entrant {
        positions = List.copyOf(positions);
        notes = Set.copyOf(notes);
    }

    /** Where they play first; empty where nothing is said. */
    public String first() {
        return positions.isEmpty() ? "" : positions.get(0);
    }
}

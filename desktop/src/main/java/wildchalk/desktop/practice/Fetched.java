package wildchalk.desktop.practice;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.Content;
import wildchalk.core.squad.Squad;

/**
 * What a practice needs of the book.
 *
 * @param drills as they were planned; those that are not there are not in it
 * @param asked all that were looked for
 * @param squad whose practice it is
 */
public record Fetched(
        Map<Content.Planned, Drill> drills, List<Content.Planned> asked, Around around, Optional<Squad> squad) {

    /** Nothing was looked for yet. */
    static final Fetched NOTHING = new Fetched(Map.of(), List.of(), Around.UNKNOWN, Optional.empty());

    public Fetched {
        drills = Map.copyOf(drills);
        asked = List.copyOf(asked);
    }
}

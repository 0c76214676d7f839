package wildchalk.core.log.season;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.log.Entry;

/**
 * What the log has taught, for whoever plans or opens a drill.
 *
 * @param drills what became of each that was ever run, by its id
 * @param changes how long changes take really; empty where too few were timed
 */
public record Experience(Map<String, DrillLine> drills, Optional<Changes> changes) {

    /** None yet. */
    public static final Experience NONE = new Experience(Map.of(), Optional.empty());

    public Experience {
        drills = Map.copyOf(drills);
    }

    /** That of all entries that there are. */
    public static Experience of(List<Entry> entries) {
        Map<String, DrillLine> drills = new HashMap<>();
        List<Entry> sorted = entries.stream().sorted(Season.IN_TIME).toList();
        DrillLine.of(sorted, Asked.ALL).forEach(d -> drills.put(d.id(), d));
        return new Experience(drills, Changes.of(sorted));
    }

    /** Who was in one group of a squad on its evenings, the latest last: the groups of each that had some. */
    public static List<List<List<String>>> company(List<Entry> entries, String squad) {
        return entries.stream()
                .filter(e ->
                        e.there().squad().equals(squad) && !e.there().groups().isEmpty())
                .sorted(Season.IN_TIME)
                .map(e -> e.there().groups())
                .toList();
    }

    /** A drill; empty for one that was never run. */
    public Optional<DrillLine> of(String drill) {
        return Optional.ofNullable(drills.get(drill));
    }
}

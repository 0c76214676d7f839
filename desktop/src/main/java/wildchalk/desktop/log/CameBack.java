package wildchalk.desktop.log;

import java.util.List;
import java.util.Optional;
import wildchalk.core.log.Entry;
import wildchalk.core.log.LogChanges;

/**
 * An evening that somebody else ran, as it came back.
 *
 * @param theirs as they have it
 * @param mine the entry of the same evening that is here; empty for none
 * @param practice what it was planned as here; empty where it is not known
 */
public record CameBack(Entry theirs, Optional<Entry> mine, Optional<String> practice) {

    /** What is another in it than here; nothing where there is none here, or it is the same. */
    public List<String> changes() {
        return mine.map(m -> LogChanges.of(m, theirs.withId(m.id()))).orElse(List.of());
    }

    /** Whether it is already here as it is. */
    public boolean isHere() {
        return mine.filter(m -> m.equals(theirs.withId(m.id()))).isPresent();
    }
}

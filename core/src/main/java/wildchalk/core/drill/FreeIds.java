package wildchalk.core.drill;

import java.util.HashMap;
import java.util.Map;

/** Gives ids that nothing in a drill has or ever had, on any rung; none twice. */
public final class FreeIds {

    private final Map<String, Integer> last;

    private FreeIds(Map<String, Integer> last) {
        this.last = new HashMap<>(last);
    }

    /** Ids for new things in a drill. */
    public FreeIds(Drill drill) {
        this(drill.given().and(drill.ladder()).highest());
    }

    /** Gives the same ids once more: for things of which only one will be there. */
    public FreeIds again() {
        return new FreeIds(last);
    }

    /** The next id that starts with {@code letters}, which end with no digit. */
    public String take(String letters) {
        String free = letters;
        while (last.getOrDefault(free, 0) >= GivenIds.HIGHEST) {
            free += "-";
        }
        return free + last.merge(free, 1, Integer::sum);
    }
}

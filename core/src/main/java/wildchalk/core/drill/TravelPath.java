package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;

/**
 * A way across the surface from where the person is.
 *
 * @param through where it goes, in order; at least one
 * @param smooth whether it bends through the spots or turns a corner at each
 */
public record TravelPath(List<Spot> through, boolean smooth) {
    public TravelPath {
        through = List.copyOf(through);
    }

    /** Where it ends. */
    public Spot last() {
        return through.get(through.size() - 1);
    }

    /** The same way with another end. */
    public TravelPath endingAt(Spot end) {
        List<Spot> changed = new ArrayList<>(through);
        changed.set(changed.size() - 1, end);
        return new TravelPath(changed, smooth);
    }
}

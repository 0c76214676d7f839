package wildchalk.core.drill;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** Gives ids that nothing in a stage has; none twice. */
public final class FreeIds {

    private final Set<String> taken = new HashSet<>();
    private final Map<String, Integer> last = new HashMap<>();

    public FreeIds(Stage stage) {
        stage.pieces().forEach(p -> taken.add(p.id()));
        stage.actions().forEach(a -> taken.add(a.id()));
        stage.said().forEach(i -> taken.add(i.id()));
    }

    /** The next id that starts with {@code letter}: the smallest number that is neither used nor given. */
    public String take(String letter) {
        int n = last.getOrDefault(letter, 0);
        String id;
        do {
            id = letter + ++n;
        } while (!taken.add(id));
        last.put(letter, n);
        return id;
    }
}

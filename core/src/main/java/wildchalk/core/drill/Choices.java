package wildchalk.core.drill;

import java.util.HashMap;
import java.util.Map;

/**
 * Which way reads go.
 *
 * @param of the id of the option by the id of the read; where a read is not in it, its first option is taken
 */
public record Choices(Map<String, String> of) {

    public static final Choices NONE = new Choices(Map.of());

    public Choices {
        of = Map.copyOf(of);
    }

    /** The same with one read going an option, by their ids. */
    public Choices with(String read, String option) {
        Map<String, String> more = new HashMap<>(of);
        more.put(read, option);
        return new Choices(more);
    }
}

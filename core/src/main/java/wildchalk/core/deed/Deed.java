package wildchalk.core.deed;

import java.util.Optional;
import java.util.OptionalDouble;
import wildchalk.core.drill.Action;

/**
 * Something that has a word of its own in a sport: a serve, a throw-in, a lay-up.
 *
 * @param id short and stable, as drills name it: {@code throw-in}
 * @param of what it is otherwise
 * @param verb as it follows somebody's name: "serves"
 * @param manner how the ball goes; empty for as it is said
 * @param flight how fast or how high the ball is sent; where nothing is said, as such balls usually are
 */
public record Deed(String id, Kind of, String verb, Optional<Action.Manner> manner, Flight flight) {

    /**
     * How a ball is sent. Assumed, as typical of grown club players who go at it live.
     *
     * @param launch m/s over ground as it leaves
     * @param angle radians over ground as it leaves, for what goes in an arc
     */
    public record Flight(OptionalDouble launch, OptionalDouble angle) {}

    /** What can have a word of its own. */
    public enum Kind {
        PASS,
        SHOT,
        CARRY,
        COLLECT,
        RUN
    }

    /** What it is called in lists: "throw-in". */
    public String noun() {
        return id.replace('-', ' ');
    }
}

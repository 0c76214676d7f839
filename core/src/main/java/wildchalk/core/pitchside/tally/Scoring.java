package wildchalk.core.pitchside.tally;

import java.util.List;

/**
 * How a game is scored.
 *
 * @param counters in the order of their keys
 * @param fewest whether the fewest points win
 */
public record Scoring(List<Counter> counters, boolean fewest) {
    public Scoring {
        counters = List.copyOf(counters);
    }
}

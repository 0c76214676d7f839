package wildchalk.core.log.season;

import java.util.List;
import java.util.Optional;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;

/**
 * How long changes take really, of all evenings that ran by the clock.
 *
 * @param factor of what was worked out, the middle one
 * @param times of how many changes
 */
public record Changes(double factor, int times) {

    /** Fewer than these say nothing. */
    public static final int ENOUGH = 8;
    /** Changes that were to be shorter than this are mostly a look at the clock, seconds. */
    private static final int SHORTEST = 15;

    /** Those of some entries; empty for fewer than {@value #ENOUGH}. */
    public static Optional<Changes> of(List<Entry> entries) {
        List<Double> factors = entries.stream()
                // As planned is no measure of the plan.
                .filter(e -> !e.source().run().isEmpty())
                .flatMap(e -> e.parts().stream()
                        .map(Part::time)
                        .filter(t -> !t.meanwhile() && t.plannedBefore() >= SHORTEST)
                        .map(t -> t.before() * e.source().changes() / t.plannedBefore()))
                .sorted()
                .toList();
        return factors.size() < ENOUGH
                ? Optional.empty()
                : Optional.of(new Changes(Trend.middle(factors), factors.size()));
    }
}

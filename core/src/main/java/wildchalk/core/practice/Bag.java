package wildchalk.core.practice;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import wildchalk.core.drill.GearKind;

/**
 * The gear there is.
 *
 * @param gear how many of each kind, 0 or more; of what is not in it nobody has counted
 * @param balls how many; empty when nobody has counted them
 */
public record Bag(Map<GearKind, Integer> gear, OptionalInt balls) {

    /** One that nobody has counted. */
    public static final Bag UNCOUNTED = new Bag(Map.of(), OptionalInt.empty());

    public Bag {
        Map<GearKind, Integer> copy = new EnumMap<>(GearKind.class);
        copy.putAll(gear);
        gear = Collections.unmodifiableMap(copy);
        if (gear.values().stream().anyMatch(n -> n < 0) || balls.orElse(0) < 0) {
            throw new IllegalArgumentException(gear + ", " + balls);
        }
    }

    /** How many there are of a kind; empty when nobody has counted. */
    public Optional<Integer> of(GearKind kind) {
        return Optional.ofNullable(gear.get(kind));
    }
}

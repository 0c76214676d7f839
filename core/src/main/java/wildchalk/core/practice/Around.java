package wildchalk.core.practice;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Venue;

/**
 * What is known of the book around a practice.
 *
 * @param others the other practices of it
 * @param drills how the drills that it uses stand in the book now, by their ids
 * @param venue what the evening is on; empty where nothing is said of it
 */
public record Around(List<Other> others, Map<String, Now> drills, Optional<Venue> venue) {

    /** Nothing is known. */
    public static final Around UNKNOWN = new Around(List.of(), Map.of(), Optional.empty());

    /** Another practice. */
    public record Other(String title, Slot slot, String ground) {}

    /**
     * A drill.
     *
     * @param aside whether it is put aside
     * @param version number of its newest version
     * @param changed whether it is another than what was planned with
     */
    public record Now(boolean aside, long version, boolean changed) {}

    public Around {
        others = List.copyOf(others);
        drills = Map.copyOf(drills);
    }

    /** The same, on this. */
    public Around on(Optional<Venue> other) {
        return new Around(others, drills, other);
    }

    /** How the drill of a block stands now; empty for what is no drill, and where nothing is known of it. */
    public Optional<Now> of(Content.Play play) {
        return Optional.ofNullable(drills.get(play.drill().id()));
    }
}

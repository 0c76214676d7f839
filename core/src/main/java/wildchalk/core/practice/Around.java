package wildchalk.core.practice;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is known of the book around a practice.
 *
 * @param others the other practices of it
 * @param drills how the drills that it uses stand in the book now, by their ids
 */
public record Around(List<Other> others, Map<String, Now> drills) {

    /** Nothing is known. */
    public static final Around UNKNOWN = new Around(List.of(), Map.of());

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

    /** How the drill of a block stands now; empty for what is no drill, and where nothing is known of it. */
    public Optional<Now> of(Content.Play play) {
        return Optional.ofNullable(drills.get(play.drill().id()));
    }
}

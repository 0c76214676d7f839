package wildchalk.core.practice;

import java.util.Optional;

/** What is known of the drills of a practice. */
@FunctionalInterface
public interface KnownNeeds {

    /**
     * What the drill of a block takes, however long it is played; empty for a block of anything else, for several side
     * by side and for a drill that is not there.
     */
    Optional<Needs> of(Block block);
}

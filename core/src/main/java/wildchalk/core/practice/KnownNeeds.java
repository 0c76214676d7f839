package wildchalk.core.practice;

import java.util.Optional;

/** What is known of the drills of a practice. */
@FunctionalInterface
public interface KnownNeeds {

    /** What a drill takes as it is played in a block; empty for one that is not there. */
    Optional<Needs> of(Content.Play play);
}

package wildchalk.core.score;

import java.util.Optional;
import wildchalk.core.call.Calling;

/**
 * What a coach says aloud while a rung is played.
 *
 * @param calling what is called; empty for nothing
 * @param scoring what counts; empty for nothing
 */
public record Aloud(Optional<Calling> calling, Optional<Scoring> scoring) {

    /** Nothing is called and nothing counts. */
    public static final Aloud NOTHING = new Aloud(Optional.empty(), Optional.empty());

    /** The same, and what another has where this has nothing. */
    public Aloud or(Aloud other) {
        return new Aloud(calling.or(other::calling), scoring.or(other::scoring));
    }
}

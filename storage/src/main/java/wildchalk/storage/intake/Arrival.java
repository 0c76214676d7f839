package wildchalk.storage.intake;

import java.util.Optional;
import wildchalk.storage.kind.Typed;

/**
 * A document that is to be taken in.
 *
 * @param file the name of the file it comes from
 * @param document empty when it is refused
 * @param words what is another in a changed one, or why it is refused; may be empty
 */
public record Arrival(String file, Kind kind, Optional<Typed<?>> document, String words) {

    /** How it stands to the book. */
    public enum Kind {
        NEW,
        CHANGED,
        SAME,
        REFUSED
    }

    static Arrival refused(String file, String why) {
        return new Arrival(file, Kind.REFUSED, Optional.empty(), why);
    }
}

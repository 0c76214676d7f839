package wildchalk.core.squad;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What somebody is kept from, as their doctor, their parents or they themselves said.
 *
 * @param from what they are kept from
 * @param words what was said; may be empty
 * @param until the last day on which it holds; empty while nobody has said that it ends
 */
public record Caution(From from, String words, Optional<LocalDate> until) {

    /** What somebody is kept from. */
    public enum From {
        CONTACT,
        RUNNING,
        /** Whatever the words say. */
        OTHER
    }

    /** Whether it still holds on a day. */
    public boolean holds(LocalDate day) {
        return until.map(last -> !day.isAfter(last)).orElse(true);
    }
}

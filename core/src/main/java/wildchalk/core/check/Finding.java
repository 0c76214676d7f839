package wildchalk.core.check;

import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Document;
import wildchalk.core.document.Edit;

/**
 * Something that a coach should know of a document.
 *
 * @param check the word of what found it, by which it can be put aside
 * @param weight how bad it is
 * @param words what is so, in a sentence
 * @param where ids of what it is about
 * @param span when, empty for always
 * @param mends what would mend it, the one that costs least first; may be empty
 * @param <T> the document
 */
public record Finding<T extends Document<T>>(
        String check, Weight weight, String words, List<String> where, Optional<Span> span, List<Mend<T>> mends) {

    /** How bad something is, the worst first. */
    public enum Weight {
        /** Somebody could be hurt. */
        COULD_HURT,
        WILL_NOT_WORK,
        COULD_BE_BETTER,
        /** Nothing to mend: it is good to know. */
        SAID
    }

    /**
     * A while.
     *
     * @param from seconds after the beginning
     * @param to seconds after the beginning, no less than {@code from}
     */
    public record Span(double from, double to) {}

    /** What would mend something, in the words of a button. */
    public record Mend<T extends Document<T>>(String words, Edit<T> edit) {}

    public Finding {
        where = List.copyOf(where);
        mends = List.copyOf(mends);
    }
}

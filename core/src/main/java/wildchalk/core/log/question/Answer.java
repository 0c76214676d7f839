package wildchalk.core.log.question;

import java.util.List;

/**
 * An answer in words.
 *
 * @param head in a sentence
 * @param lines what stands behind it, the weightiest first; may be none
 * @param caution what it does not know; may be empty
 */
public record Answer(String head, List<String> lines, String caution) {

    public Answer {
        lines = List.copyOf(lines);
    }

    /** One without more to it. */
    static Answer of(String head) {
        return new Answer(head, List.of(), "");
    }

    /** One with what stands behind it. */
    static Answer of(String head, List<String> lines) {
        return new Answer(head, lines, "");
    }
}

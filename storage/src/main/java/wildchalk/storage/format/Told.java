package wildchalk.storage.format;

import java.util.List;

/**
 * A document, and what should be known of how it was read.
 *
 * @param words what an older program had taken for one thing and is kept apart now, a sentence each; usually empty
 */
public record Told<T>(T document, List<String> words) {

    public Told {
        words = List.copyOf(words);
    }
}

package wildchalk.core.ruling;

import java.util.List;

/**
 * What could be said of one thing: who, how many, when.
 *
 * @param words what it is about
 * @param several whether any number of them can be said at once
 */
public record Instead(String words, List<Choice> all, boolean several) {

    /** Of which one is said. */
    public Instead(String words, List<Choice> all) {
        this(words, all, false);
    }

    public Instead {
        all = List.copyOf(all);
    }
}

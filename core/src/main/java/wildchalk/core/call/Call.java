package wildchalk.core.call;

/**
 * Something that may be called: a colour, a gap, a direction, a corner, a word.
 *
 * @param word as it is called and shown
 * @param place where it is on the ground, counted along it; calls of which no place matters have all the same
 */
public record Call(String word, int place) {}

package wildchalk.core.scene;

/**
 * How the line of something that is not taken is told from others: it has the number of its line in the words and a
 * colour, both the option's own, and the option's name stands at its end.
 *
 * @param number "5a"
 * @param tone which of the colours of options, from 0
 * @param name of the option; empty where it has none, or where the line is not the last of it
 */
public record OptionMark(String number, int tone, String name) {}

package wildchalk.storage.format;

import java.util.List;

/**
 * A drill or surface file that is not sound; the message is one plain line: where it is wrong and what would be right.
 * Where more than one thing is wrong, {@link #lines()} has a line for each.
 */
public final class FormatException extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient List<String> lines;

    /**
     * Something is not sound.
     *
     * @param message one line, in plain words
     */
    public FormatException(String message) {
        this(List.of(message));
    }

    /** @param lines at least one; the first is the message */
    public FormatException(List<String> lines) {
        super(lines.get(0));
        this.lines = List.copyOf(lines);
    }

    /** What is wrong, a plain line each; the first is the message. */
    public List<String> lines() {
        return lines;
    }

    /** The same with the name of the file before each line. */
    FormatException in(String file) {
        return new FormatException(lines.stream().map(l -> file + l).toList());
    }
}

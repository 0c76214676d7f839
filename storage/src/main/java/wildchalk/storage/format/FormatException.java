package wildchalk.storage.format;

/** A drill or surface file that is not sound; the message is one plain line: where it is wrong and what would be right. */
public final class FormatException extends Exception {

    private static final long serialVersionUID = 1L;

    public FormatException(String message) {
        super(message);
    }
}

package wildchalk.storage.format;

/** A drill file that is not sound; the message is one plain line: where it is wrong and what would be right. */
public final class DrillFileException extends Exception {

    private static final long serialVersionUID = 1L;

    public DrillFileException(String message) {
        super(message);
    }
}

package wildchalk.storage.book;

/**
 * How an open book stands to its file.
 *
 * @param waiting edits that are in memory only
 */
public record Standing(Kind kind, int waiting) {

    static final Standing KEEPING = new Standing(Kind.KEEPING, 0);

    /** Whether edits come into the file, and if not, why. */
    public enum Kind {
        /** Every edit is in the file when it is said to be kept. */
        KEEPING,
        /** The file cannot be written now: edits wait in memory and are written as soon as it can. */
        WAITING,
        /** Another window of the program has the book: it is looked at, as it was when it was opened here. */
        OTHER_WINDOW,
        /** A newer program has written the book: it is looked at as far as it is understood. */
        NEWER
    }

    /** Whether every edit comes into the file at once. */
    public boolean isKept() {
        return kind == Kind.KEEPING;
    }
}

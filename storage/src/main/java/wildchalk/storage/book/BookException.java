package wildchalk.storage.book;

/** Something about a book that a coach should know: what happened, what is safe, what to do. */
public class BookException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /**
     * Something went wrong with a book.
     *
     * @param message in a coach's words
     */
    public BookException(String message, Throwable cause) {
        super(message, cause);
    }
}

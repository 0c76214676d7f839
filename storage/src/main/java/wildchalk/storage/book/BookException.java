package wildchalk.storage.book;

/** Something about a book that a coach should know: what happened, what is safe, what to do. */
public class BookException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public BookException(String message, Throwable cause) {
        super(message, cause);
    }
}

package wildchalk.desktop.trouble;

import wildchalk.storage.book.BookException;

/**
 * Something that could not be done.
 *
 * @param what was being done, in plain words that say nothing about anybody: "reading files to take in"
 * @param cause why not
 */
public record Trouble(String what, Throwable cause) {

    /** What the book says of it in a coach's words, where it says something; else {@code otherwise}. */
    public String words(String otherwise) {
        for (Throwable t = cause; t != null; t = t.getCause()) {
            if (t instanceof BookException e) {
                return e.getMessage();
            }
        }
        return otherwise;
    }
}

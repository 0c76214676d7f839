package wildchalk.desktop.page;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import wildchalk.core.document.Document;
import wildchalk.storage.book.Standing;

/**
 * A page of the window, such as the Book: what the window needs to know to show it. It lives as long as a book is open.
 */
public interface Page {

    /** What lies in the middle of the window; asked only while there {@linkplain #isThere is} something. */
    Node node();

    /** Whether there is anything on it: a page without a document cannot be gone to. */
    default boolean isThere() {
        return true;
    }

    /**
     * Takes a document to work on, or to show, and asks the window to go to this page; false when it is no document for
     * this page.
     */
    default boolean take(Document<?> document) {
        return false;
    }

    /** It is shown from now on. */
    void enter();

    /** It is shown no longer. */
    default void leave() {}

    /** A key that was pressed anywhere in the window while it is shown. */
    void press(KeyEvent e);

    /** A key that was let go anywhere in the window while it is shown. */
    default void release(KeyEvent e) {}

    /** What was done on it; empty for a page that does nothing that could be taken back. */
    default Optional<Undoable> history() {
        return Optional.empty();
    }

    /** Lets the coach choose how what is on it is handed out; empty when there is nothing. */
    default Optional<Runnable> handingOut() {
        return Optional.empty();
    }

    /** Shows what is on it to people; empty when there is nothing to show. */
    default Optional<Runnable> showing() {
        return Optional.empty();
    }

    /** Runs what is on it by the clock; empty when there is nothing to run. */
    default Optional<Runnable> running() {
        return Optional.empty();
    }

    /** Edits come into the book again that did not; {@code until} says how it stood. */
    default void keptAgain(Standing until) {}

    /** Somebody is forgotten for good: nothing that was on it may come back into the book. */
    default void forgetWhatWasThere() {}

    /** The book is closed: nothing is drawn, played or asked any more. */
    default void close() {}
}

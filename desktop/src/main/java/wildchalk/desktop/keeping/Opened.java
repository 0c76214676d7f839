package wildchalk.desktop.keeping;

import java.util.List;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Shelf;

/**
 * A book that was opened, and what its cards show, listed on the way: that takes as long as a window takes to appear.
 */
public record Opened(Book book, Contents contents) {

    /** What the Book's page shows. */
    public record Contents(List<Book.Row> rows, List<Shelf.Collection> collections) {

        public static Contents of(Book book) {
            return new Contents(book.rows(), book.collections());
        }
    }

    public static Opened of(Book book) {
        return new Opened(book, Contents.of(book));
    }
}

package wildchalk.desktop.pages;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import wildchalk.desktop.book.BookView;
import wildchalk.desktop.page.Page;
import wildchalk.desktop.page.PageHost;
import wildchalk.storage.book.Standing;

/** The Book: what is kept, on cards. */
public final class BookPage implements Page {

    private final BookView view;
    private boolean entered;

    BookPage(PageHost host) {
        view = new BookView(host);
    }

    @Override
    public Node node() {
        return view;
    }

    @Override
    public void enter() {
        // As it was opened, it is as new as can be the first time.
        if (entered) {
            view.refresh();
        }
        entered = true;
    }

    @Override
    public void press(KeyEvent e) {
        view.key(e);
    }

    @Override
    public void keptAgain(Standing until) {
        view.refresh();
    }

    @Override
    public void close() {
        view.close();
    }
}

package wildchalk.desktop.page;

import java.nio.file.Path;
import javafx.scene.Node;
import javafx.stage.Window;
import wildchalk.core.document.Document;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.keeping.Opened;
import wildchalk.desktop.message.Messages;

/** What a page may ask of the window that it lies in. */
public interface PageHost {

    /** The open book. */
    Keeper keeper();

    /** What is in the book, as it was opened. */
    Opened.Contents contents();

    Messages messages();

    Exchange exchange();

    /** Goes to a page. */
    void go(Page page);

    /** Goes to the first page, the Book. */
    void home();

    /** Lets the page take a document that such documents are for. */
    void open(Document<?> document);

    /** Runs a practice by the clock, on the whole screen. */
    void run(ToRun practice);

    /** Lays something in place of the page, until {@link #back}. */
    void lay(Node over);

    /** Shows the page again that something was laid over. */
    void back();

    /** What can be undone, shown or handed out is another than before. */
    void changed();

    /** Has every page let go of what it works on: somebody is forgotten for good, and may stand in it. */
    void forgetWhatWasThere();

    /** Opens another book in place of this one. */
    void switchTo(Path book);

    /** Moves the open book to another place and goes on with it there; it stays where it is when that fails. */
    void moveTo(Path file);

    /** The window on the screen. */
    Window onScreen();
}

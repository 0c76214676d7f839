package wildchalk.bench.book;

import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.keeping.Opened;

/** Starts the window that is measured, as the program starts its own: one of a start, as a toolkit allows no more. */
public final class WindowBench {

    private static CompletableFuture<Opened> early;

    private WindowBench() {}

    static Request request(String book) {
        return Request.usual().withBook(Path.of(book));
    }

    static CompletableFuture<Opened> early() {
        return early;
    }

    /** @param args "bare", "learn BOOK", "start BOOK" or "scroll BOOK" */
    public static void main(String[] args) {
        if (!args[0].equals("bare")) {
            early = OpenWindow.opening(request(args[1]));
        }
        Application.launch(BookWindow.class, args);
    }
}

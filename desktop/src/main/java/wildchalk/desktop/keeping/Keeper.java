package wildchalk.desktop.keeping;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import wildchalk.core.drill.Drill;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.BookException;

/** Does everything with the book on one thread of its own, in the order it was asked for. */
public final class Keeper implements AutoCloseable {

    private final Book book;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(r -> new Thread(r, "keeper"));
    private final AtomicInteger waiting = new AtomicInteger();
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("all kept");
    private final Consumer<String> onTrouble;

    /** @param onTrouble told on the window's thread, in a coach's words, when something cannot be kept */
    public Keeper(Book book, Consumer<String> onTrouble) {
        this.book = book;
        this.onTrouble = onTrouble;
    }

    /** "all kept", "kept just now", "keeping …" or that it is not kept. */
    public ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    public String bookName() {
        return book.file().getFileName().toString().replace(".chalkbook", "");
    }

    /** Keeps a drill as an edit has left it. */
    public void keep(Drill drill, String edit) {
        waiting.incrementAndGet();
        state.set("keeping …");
        thread.execute(() -> {
            String result = "kept just now";
            try {
                book.keep(drill, edit);
            } catch (BookException e) {
                result = "not kept";
                Platform.runLater(() -> onTrouble.accept(e.getMessage()));
            }
            String said = result;
            if (waiting.decrementAndGet() == 0) {
                Platform.runLater(() -> state.set(said));
            }
        });
    }

    /** Asks the book for something; {@code then} gets it on the window's thread. */
    public <T> void ask(Function<Book, T> question, Consumer<T> then) {
        CompletableFuture.supplyAsync(() -> question.apply(book), thread)
                .whenComplete((answer, trouble) -> Platform.runLater(() -> {
                    if (trouble == null) {
                        then.accept(answer);
                    } else if (trouble.getCause() instanceof BookException e) {
                        onTrouble.accept(e.getMessage());
                    } else {
                        throw new IllegalStateException(trouble);
                    }
                }));
    }

    /** Waits until everything is kept, then closes the book. */
    @Override
    public void close() {
        thread.shutdown();
        try {
            if (!thread.awaitTermination(20, TimeUnit.SECONDS)) {
                throw new IllegalStateException("the book did not finish keeping");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        book.close();
    }
}

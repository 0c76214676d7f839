package wildchalk.desktop.keeping;

import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import wildchalk.core.document.Document;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.BookException;
import wildchalk.storage.book.Standing;
import wildchalk.storage.kind.Kind;

/** Does everything with the book on one thread of its own, in the order it was asked for. */
public final class Keeper implements AutoCloseable {

    /** How often it is tried to write what waits, seconds. */
    private static final int AGAIN = 3;
    private static final int CHECK = 6;

    private final Book book;
    private final ScheduledExecutorService thread = Executors.newSingleThreadScheduledExecutor(r -> new Thread(r, "keeper"));
    private final AtomicInteger waiting = new AtomicInteger();
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper();
    private final ReadOnlyObjectWrapper<Standing> standing;
    private final Consumer<BookException> onTrouble;

    /** @param onTrouble told on the window's thread, in a coach's words, when something cannot be kept */
    public Keeper(Book book, Consumer<BookException> onTrouble) {
        this.book = book;
        this.onTrouble = onTrouble;
        this.standing = new ReadOnlyObjectWrapper<>(book.standing());
        state.set(words(book.standing(), "all kept"));
        thread.scheduleWithFixedDelay(this::again, AGAIN, AGAIN, TimeUnit.SECONDS);
    }

    /** "all kept", "kept just now", "keeping …", or why it is not kept. */
    public ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** How the book stands to its file. */
    public ReadOnlyObjectProperty<Standing> standingProperty() {
        return standing.getReadOnlyProperty();
    }

    private static String words(Standing standing, String kept) {
        return switch (standing.kind()) {
            case KEEPING -> kept;
            case WAITING -> standing.waiting() == 0 ? "looking only: the book cannot be written"
                    : "not kept yet: the book cannot be written";
            case OTHER_WINDOW -> "looking only: another window has this book";
            case NEWER -> "looking only: a newer Wild Chalk wrote this";
        };
    }

    /** The file of the book. */
    public Path file() {
        return book.file();
    }

    /** Keeps a document as an edit has left it. */
    public <T extends Document<T>> void keep(Kind<T> kind, T document, String edit) {
        waiting.incrementAndGet();
        state.set("keeping …");
        thread.execute(() -> {
            boolean done = true;
            try {
                book.of(kind).keep(document, edit);
            } catch (BookException e) {
                done = false;
                Platform.runLater(() -> onTrouble.accept(e));
            }
            Standing now = book.standing();
            String said = done ? words(now, "kept just now") : "not kept";
            waiting.decrementAndGet();
            Platform.runLater(() -> {
                standing.set(now);
                // Asked here: another edit may have been made while this one was on its way back.
                if (waiting.get() == 0) {
                    state.set(said);
                }
            });
            book.word().ifPresent(word -> Platform.runLater(() -> onTrouble.accept(new BookException(word, null))));
        });
    }

    /** Asks the book for something; {@code then} gets it on the window's thread. */
    public <T> void ask(Function<Book, T> question, Consumer<T> then) {
        if (thread.isShutdown()) {
            // The book is closed: whoever asks for a picture now has lost its place on the screen.
            return;
        }
        CompletableFuture.supplyAsync(() -> question.apply(book), thread)
                .whenComplete((answer, trouble) -> {
                    Standing now = book.standing();
                    Platform.runLater(() -> {
                        stand(now);
                        if (trouble == null) {
                            then.accept(answer);
                        } else if (trouble.getCause() instanceof BookException e) {
                            onTrouble.accept(e);
                        } else {
                            throw new IllegalStateException(trouble);
                        }
                    });
                });
    }

    /** Changes something in the book of which nothing comes back. */
    public void tell(Consumer<Book> change) {
        ask(b -> {
            change.accept(b);
            return true;
        }, done -> { });
    }

    /** Has every drill compared with its check sum, beside everything and when the coach is at work already. */
    public void checkSoon() {
        CompletableFuture.delayedExecutor(CHECK, TimeUnit.SECONDS).execute(() -> {
            try {
                if (!thread.isShutdown()) {
                    book.check();
                }
            } catch (BookException e) {
                Platform.runLater(() -> onTrouble.accept(e));
            }
        });
    }

    private void again() {
        if (book.tryAgain()) {
            Standing now = book.standing();
            Platform.runLater(() -> stand(now));
        }
    }

    private void stand(Standing now) {
        if (!now.equals(standing.get())) {
            boolean wasKept = standing.get().isKept();
            standing.set(now);
            if (waiting.get() == 0 && !(wasKept && now.isKept())) {
                state.set(words(now, "all kept"));
            }
        }
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

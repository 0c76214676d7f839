package wildchalk.desktop.keeping;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
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
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.desktop.trouble.TroubleLog;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.BookException;
import wildchalk.storage.book.Standing;
import wildchalk.storage.kind.Kind;

/**
 * Does what is asked of the book on one thread of its own, in the order it was asked for. Only the check of a whole
 * book and the word on how it stands to its file come from others.
 */
public final class Keeper implements AutoCloseable {

    /** How often it is tried to write what waits, seconds. */
    private static final int AGAIN = 3;

    private static final int CHECK = 6;

    private final Book book;
    private final ScheduledExecutorService thread =
            Executors.newSingleThreadScheduledExecutor(r -> new Thread(r, "keeper"));
    private final AtomicInteger waiting = new AtomicInteger();
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper();
    private final ReadOnlyObjectWrapper<Standing> standing;
    private final Consumer<BookException> onTrouble;
    /** How the book stood to its file after what was done last. */
    private volatile Standing latest;

    /** @param onTrouble told on the window's thread, in a coach's words, when something cannot be kept */
    public Keeper(Book book, Consumer<BookException> onTrouble) {
        this.book = book;
        this.onTrouble = onTrouble;
        this.latest = book.standing();
        this.standing = new ReadOnlyObjectWrapper<>(latest);
        state.set(words(latest, "all kept"));
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
            case WAITING -> standing.waiting() == 0
                    ? "looking only: the book cannot be written"
                    : "not kept yet: the book cannot be written";
            case OTHER_WINDOW -> "looking only: another window has this book";
            case NEWER -> "looking only: a newer Wild Chalk wrote this";
        };
    }

    /** The file of the book. */
    /** The surfaces there are. */
    public Surfaces surfaces() {
        return book.surfaces();
    }

    public Path file() {
        return book.file();
    }

    /** Keeps a document as an edit has left it. */
    public <T extends Document<T>> void keep(Kind<T> kind, T document, String edit) {
        waiting.incrementAndGet();
        state.set("keeping …");
        on(
                "keeping an edit",
                () -> {
                    book.of(kind).keep(document, edit);
                    return book.word();
                },
                word -> {
                    settle(now -> words(now, "kept just now"));
                    word.ifPresent(w -> onTrouble.accept(new BookException(w, null)));
                },
                trouble -> {
                    settle(now -> "not kept");
                    report(trouble);
                });
    }

    private void settle(Function<Standing, String> said) {
        Standing now = latest;
        standing.set(now);
        // Another edit may have been made while this one was on its way back.
        if (waiting.decrementAndGet() == 0) {
            state.set(said.apply(now));
        }
    }

    /** Asks the book for something; {@code then} gets it on the window's thread. */
    public <T> void ask(Function<Book, T> question, Consumer<T> then) {
        ask(question, then, () -> {});
    }

    /**
     * The same for whoever waits for the answer.
     *
     * @param otherwise done on the window's thread when there is none; why not is told as all trouble with the book is
     */
    public <T> void ask(Function<Book, T> question, Consumer<T> then, Runnable otherwise) {
        on(
                "asking the book",
                () -> question.apply(book),
                answer -> {
                    stand(latest);
                    then.accept(answer);
                },
                trouble -> {
                    stand(latest);
                    otherwise.run();
                    report(trouble);
                });
    }

    private <T> void on(String what, Callable<T> question, Consumer<T> then, Consumer<Trouble> otherwise) {
        try {
            Background.work(
                    what,
                    thread,
                    () -> {
                        try {
                            return question.call();
                        } finally {
                            // Here, and not where it is shown: whoever asks the book may have to wait for it.
                            latest = book.standing();
                        }
                    },
                    then,
                    otherwise);
        } catch (RejectedExecutionException e) {
            // The book is closed: whoever asks for a picture now has lost its place on the screen.
        }
    }

    private void report(Trouble trouble) {
        onTrouble.accept(
                trouble.cause() instanceof BookException e
                        ? e
                        : new BookException(
                                "Something went wrong with the book that the program did not "
                                        + "expect. What was said to be kept is kept. If it happens again, start "
                                        + "Wild Chalk anew.",
                                trouble.cause()));
    }

    /** Changes something in the book of which nothing comes back. */
    public void tell(Consumer<Book> change) {
        ask(
                b -> {
                    change.accept(b);
                    return true;
                },
                done -> {});
    }

    /** Has every drill compared with its check sum, beside everything and when the coach is at work already. */
    public void checkSoon() {
        Background.work(
                "reading every drill of the book",
                CompletableFuture.delayedExecutor(CHECK, TimeUnit.SECONDS),
                () -> {
                    if (!thread.isShutdown()) {
                        book.check();
                    }
                    return true;
                },
                done -> {},
                this::report);
    }

    private void again() {
        try {
            if (book.tryAgain()) {
                latest = book.standing();
                Platform.runLater(() -> stand(latest));
            }
        } catch (RuntimeException e) {
            // Told or not, it must be tried again: a timer that throws is never asked any more.
            TroubleLog.write(new Trouble("trying to write what waits", e));
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

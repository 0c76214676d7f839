package wildchalk.desktop;

import atlantafx.base.theme.PrimerLight;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import wildchalk.core.drill.Drill;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.keeping.Opened;
import wildchalk.desktop.pages.BoardPage;
import wildchalk.desktop.paint.Type;
import wildchalk.desktop.show.ShowWindows;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.desktop.trouble.TroubleLog;
import wildchalk.desktop.window.MainWindow;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.BookException;
import wildchalk.storage.book.BookMove;
import wildchalk.storage.book.DamagedBook;
import wildchalk.storage.format.SurfaceFiles;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.rescue.Rescue;

/** One open window with its book. */
public final class OpenWindow implements AutoCloseable {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    static final Wordbook BOOK = Wordbook.beside(OpenWindow.class, "Open");
    private static final String NOT_OPENED =
            "The book could not be opened. Nothing in it was changed. Start Wild Chalk again; "
                    + "if it stays like this, open another book.";

    private final Stage stage;
    private final MainWindow window;
    private final CompletableFuture<Void> opened = new CompletableFuture<>();
    private Request request;
    private Keeper keeper;
    private Optional<Drill> rescued = Optional.empty();
    private boolean closed;

    private OpenWindow(Stage stage, Request request, Exchange.Chooser chooser) {
        this.stage = stage;
        this.request = request;
        this.window = new MainWindow(chooser, new MainWindow.Books() {
            @Override
            public void switchTo(Path book) {
                OpenWindow.this.switchTo(book);
            }

            @Override
            public void moveTo(Path file) {
                OpenWindow.this.moveTo(file);
            }
        });
    }

    /** Begins to open a book, beside everything. */
    public static CompletableFuture<Opened> opening(Request request) {
        return CompletableFuture.supplyAsync(() -> open(request));
    }

    /** Shows the window at once and opens the book beside it. Call on the JavaFX thread. */
    public static OpenWindow start(Stage stage, Request request, Exchange.Chooser chooser) {
        return start(stage, request, chooser, opening(request));
    }

    /** The same with a book that is being opened already. */
    public static OpenWindow start(
            Stage stage, Request request, Exchange.Chooser chooser, CompletableFuture<Opened> opening) {
        Type.load();
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        OpenWindow open = new OpenWindow(stage, request, chooser);
        Scene scene = new Scene(open.window, WIDTH, HEIGHT);
        scene.getStylesheets().add(WildChalkApp.class.getResource("chalk.css").toExternalForm());
        stage.setTitle("Wild Chalk");
        stage.getIcons().setAll(AppIcon.sizes());
        stage.setScene(scene);
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        stage.setOnCloseRequest(open::beforeClosing);
        stage.show();
        Thread.setDefaultUncaughtExceptionHandler((thread, cause) -> open.unexpected(cause));
        open.await(opening);
        return open;
    }

    /** What nobody has foreseen, on whichever thread. */
    private void unexpected(Throwable cause) {
        TroubleLog.write(new Trouble("doing something that nobody foresaw could fail", cause));
        Platform.runLater(() -> window.messages()
                .warn("Something went wrong that the program did not expect. What was said to be kept "
                        + "is kept. "
                        + "If it happens again, start Wild Chalk anew; what went wrong stands "
                        + "under the name of the book, for whoever mends the program."));
    }

    private void openBook() {
        await(opening(request));
    }

    private void await(CompletableFuture<Opened> opening) {
        opening.whenComplete((done, failed) -> {
            Trouble trouble = failed == null
                    ? null
                    : new Trouble("opening a book", failed.getCause() == null ? failed : failed.getCause());
            if (trouble != null) {
                TroubleLog.write(trouble);
            }
            Platform.runLater(() -> {
                if (trouble == null) {
                    show(done);
                } else if (trouble.cause() instanceof DamagedBook damaged) {
                    rescue(damaged);
                } else {
                    trouble(trouble.words(NOT_OPENED));
                }
            });
        });
    }

    private void trouble(String words) {
        window.showTrouble(words, this::openOther);
        opened.complete(null);
    }

    private void openOther(Path file) {
        request = request.withBook(file);
        openBook();
    }

    private static Opened open(Request request) {
        Book book =
                Book.open(request.book(), SurfaceFiles.in(BookPlaces.surfaces()).surfaces());
        if (request.fillWithDemo() && book.standing().isKept()) {
            DemoBook.fill(book);
        }
        try {
            return Opened.of(book);
        } catch (BookException e) {
            book.close();
            throw e;
        }
    }

    private void show(Opened done) {
        if (closed) {
            done.book().close();
            return;
        }
        keeper = new Keeper(done.book(), this::told);
        window.showBook(keeper, done.contents());
        rescued.ifPresent(drill -> keeper.keep(DrillKind.DRILLS, drill, "As it was on the Board"));
        rescued = Optional.empty();
        keeper.ask(
                b -> toOpen(b, request),
                drill -> {
                    drill.ifPresent(window::open);
                    request.handed().ifPresent(window::handIn);
                    opened.complete(null);
                    keeper.checkSoon();
                    if (request.season()) {
                        season(keeper);
                    }
                },
                () -> opened.complete(null));
    }

    /** It takes seconds to work out, so it comes when the window is there. */
    private void season(Keeper of) {
        of.ask(
                DemoBook::withoutSeason,
                squad -> squad.ifPresent(s -> Background.work(
                        DemoSeason.BOOK.say("work"),
                        () -> DemoSeason.upTo(LocalDate.now(ZoneId.systemDefault()), DemoBook.everRun(), s),
                        entries -> of.ask(b -> DemoBook.season(b, entries), done -> window.bookChanged()),
                        trouble -> window.messages().warn(trouble.words(DemoSeason.BOOK.say("trouble"))))));
    }

    private void told(BookException trouble) {
        if (keeper == null) {
            // The book is being left already; what is wrong with it is known.
            return;
        }
        if (trouble instanceof DamagedBook damaged) {
            // What is on the Board is in memory, and comes into the book that is saved.
            rescued = board().filter(b -> !b.document().history().done().isEmpty())
                    .map(BoardState::drill);
            leave(() -> rescue(damaged));
        } else {
            window.messages().warn(trouble.getMessage());
        }
    }

    private void rescue(DamagedBook damaged) {
        window.rescuing();
        Background.work(
                "saving a damaged book",
                () -> Rescue.save(damaged.file()),
                saved -> {
                    window.showRescue(saved, () -> take(saved), this::openOther);
                    opened.complete(null);
                },
                trouble -> trouble(trouble.words(NOT_OPENED)));
    }

    private void take(Rescue.Saved saved) {
        window.opening();
        Background.work(
                "putting a saved book in its place",
                () -> Rescue.take(saved),
                aside -> {
                    window.messages().say("The damaged book is kept as " + aside.getFileName() + ".");
                    openBook();
                },
                trouble -> trouble(trouble.words(NOT_OPENED)));
    }

    /** Closes the book beside the window and opens another. */
    private void switchTo(Path other) {
        leave(() -> {
            request = request.switchedTo(other);
            openBook();
        });
    }

    /** Closes the book, moves it, and opens it where it is then. */
    private void moveTo(Path file) {
        Path from = request.book();
        leave(() -> Background.work(
                BOOK.say("move"),
                () -> BookMove.move(from, file),
                moved -> {
                    request = request.switchedTo(moved);
                    openBook();
                    window.messages()
                            .say(BOOK.say(
                                    "moved", moved.toAbsolutePath().getParent().toString()));
                },
                trouble -> {
                    openBook();
                    window.messages().warn(trouble.words(NOT_OPENED));
                }));
    }

    private void leave(Runnable then) {
        Keeper left = keeper;
        keeper = null;
        window.opening();
        Background.work(
                "closing a book",
                () -> {
                    if (left != null) {
                        left.close();
                    }
                    return true;
                },
                closed -> then.run(),
                trouble -> {
                    window.messages()
                            .warn("The book that was open could not be closed as it should be. What was said "
                                    + "to be kept is kept in it.");
                    then.run();
                });
    }

    private static Optional<Drill> toOpen(Book book, Request request) {
        if (request.take().isPresent()) {
            return request.take().map(book.drills()::add);
        }
        return request.openFirst() ? DemoBook.first(book) : Optional.empty();
    }

    /** Asks what to do with what is in memory only. */
    private void beforeClosing(WindowEvent closing) {
        if (keeper == null
                || keeper.standingProperty().get().isKept()
                || keeper.standingProperty().get().waiting() == 0) {
            return;
        }
        closing.consume();
        keeper.ask(Book::unkept, documents -> {
            if (documents.isEmpty()) {
                stage.close();
            } else {
                window.askBeforeClosing(documents, stage::close);
            }
        });
    }

    /** Done when the book is open, or cannot be. */
    public CompletableFuture<Void> opened() {
        return opened;
    }

    /** What keeps the book's documents; empty while none is open. */
    public Optional<Keeper> keeper() {
        return Optional.ofNullable(keeper);
    }

    public MainWindow window() {
        return window;
    }

    /** Waits until everything is kept. */
    @Override
    public void close() {
        closed = true;
        if (keeper != null) {
            keeper.close();
        }
    }

    /** What is on the Board; empty when no drill is open there. */
    public Optional<BoardState> board() {
        return window.page(BoardPage.class).flatMap(BoardPage::state);
    }

    /** The showing that was opened last from the Board, when there was one. */
    public Optional<ShowWindows> shown() {
        return window.page(BoardPage.class).flatMap(BoardPage::shown);
    }
}

package wildchalk.desktop;

import atlantafx.base.theme.PrimerLight;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.paint.Type;
import wildchalk.desktop.shots.WindowPicture;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.window.MainWindow;
import wildchalk.desktop.exchange.SystemChooser;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.BookException;

/** The application. */
public final class WildChalkApp extends Application {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private static Request request = Request.usual();

    private Session session;

    /**
     * Starts the application and waits until its window is closed.
     *
     * @param asked which book and what to do with it
     */
    public static void launch(Request asked) {
        request = asked;
        Application.launch(WildChalkApp.class);
    }

    @Override
    public void start(Stage stage) {
        session = Session.start(stage, request, new SystemChooser(stage, getHostServices()::showDocument));
        request.pictureOfWindow().ifPresent(file -> session.opened().thenRun(() ->
                WindowPicture.writeThenClose(stage, file)));
    }

    @Override
    public void stop() {
        session.close();
    }

    /** One open window with its book. */
    public static final class Session implements AutoCloseable {

        private final MainWindow window;
        private final CompletableFuture<Void> opened = new CompletableFuture<>();
        private Keeper keeper;
        private boolean closed;

        private Session(MainWindow window) {
            this.window = window;
        }

        /** Shows the window at once and opens the book beside it. Call on the JavaFX thread. */
        public static Session start(Stage stage, Request request, Exchange.Chooser chooser) {
            Type.load();
            Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
            MainWindow window = new MainWindow(chooser);
            Scene scene = new Scene(window, WIDTH, HEIGHT);
            scene.getStylesheets().add(WildChalkApp.class.getResource("chalk.css").toExternalForm());
            stage.setTitle("Wild Chalk");
            stage.setScene(scene);
            stage.setMinWidth(1100);
            stage.setMinHeight(700);
            stage.show();
            Session session = new Session(window);
            session.openBook(request);
            return session;
        }

        private void openBook(Request request) {
            CompletableFuture.supplyAsync(() -> open(request)).whenComplete((book, trouble) ->
                    Platform.runLater(() -> {
                        if (trouble == null) {
                            show(book, request);
                        } else {
                            window.showTrouble(inWords(trouble), file -> openBook(request.withBook(file)));
                            opened.complete(null);
                        }
                    }));
        }

        private static Book open(Request request) {
            Book book = Book.open(request.book());
            if (request.fillWithDemo()) {
                DemoBook.fill(book);
            }
            return book;
        }

        private static String inWords(Throwable trouble) {
            return trouble.getCause() instanceof BookException e ? e.getMessage()
                    : "The book could not be opened. Nothing in it was changed. Start Wild Chalk again; "
                    + "if it stays like this, open another book.";
        }

        private void show(Book book, Request request) {
            if (closed) {
                book.close();
                return;
            }
            keeper = new Keeper(book, window.messages()::warn);
            window.showBook(keeper);
            keeper.ask(b -> toOpen(b, request), drill -> {
                drill.ifPresent(window::open);
                opened.complete(null);
            });
        }

        private static Optional<Drill> toOpen(Book book, Request request) {
            if (request.take().isPresent()) {
                return request.take().map(book::add);
            }
            return request.openFirst() ? DemoBook.first(book) : Optional.empty();
        }

        /** Done when the book is open, or cannot be. */
        public CompletableFuture<Void> opened() {
            return opened;
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
    }
}

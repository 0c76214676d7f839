package wildchalk.desktop;

import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.exchange.SystemChooser;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.desktop.keeping.OpenAlready;
import wildchalk.desktop.keeping.Opened;
import wildchalk.desktop.paint.WindowPicture;
import wildchalk.desktop.trouble.TroubleLog;

/** The application. */
public final class WildChalkApp extends Application {

    private static Request request = Request.usual();
    private static CompletableFuture<Opened> early;

    private OpenWindow window;
    private Optional<OpenAlready> listening = Optional.empty();

    /**
     * Starts the application and waits until its window is closed.
     *
     * @param asked which book and what to do with it
     */
    public static void launch(Request asked) {
        if (asked.remembers()
                && asked.handed()
                        .filter(f -> OpenAlready.hand(f, OpenAlready.usual()))
                        .isPresent()) {
            return;
        }
        request = asked;
        TroubleLog.in(BookPlaces.troubles());
        // Beside the start of the toolkit, which takes as long.
        early = OpenWindow.opening(asked);
        Application.launch(WildChalkApp.class);
    }

    @Override
    public void start(Stage stage) {
        window = OpenWindow.start(stage, request, new SystemChooser(stage, getHostServices()::showDocument), early);
        if (request.remembers()) {
            listen(stage);
        }
        request.pictureOfWindow()
                .ifPresent(file -> window.opened().thenRun(() -> WindowPicture.writeThenClose(stage, file)));
    }

    /** Files that are opened while the window is there come into it. */
    private void listen(Stage stage) {
        Background.work(
                OpenWindow.BOOK.say("listen"),
                () -> OpenAlready.listen(
                        OpenAlready.usual(),
                        file -> Platform.runLater(() -> {
                            stage.setIconified(false);
                            stage.toFront();
                            window.opened().thenRun(() -> window.window().handIn(file));
                        })),
                open -> listening = Optional.of(open),
                // Without it each is opened in a window of its own.
                trouble -> {});
    }

    @Override
    public void stop() {
        listening.ifPresent(OpenAlready::close);
        window.close();
    }
}

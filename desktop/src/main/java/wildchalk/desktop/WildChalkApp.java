package wildchalk.desktop;

import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.stage.Stage;
import wildchalk.desktop.exchange.SystemChooser;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.desktop.keeping.Opened;
import wildchalk.desktop.paint.WindowPicture;
import wildchalk.desktop.trouble.TroubleLog;

/** The application. */
public final class WildChalkApp extends Application {

    private static Request request = Request.usual();
    private static CompletableFuture<Opened> early;

    private OpenWindow window;

    /**
     * Starts the application and waits until its window is closed.
     *
     * @param asked which book and what to do with it
     */
    public static void launch(Request asked) {
        request = asked;
        TroubleLog.in(BookPlaces.troubles());
        // Beside the start of the toolkit, which takes as long.
        early = OpenWindow.opening(asked);
        Application.launch(WildChalkApp.class);
    }

    @Override
    public void start(Stage stage) {
        window = OpenWindow.start(stage, request, new SystemChooser(stage, getHostServices()::showDocument), early);
        request.pictureOfWindow()
                .ifPresent(file -> window.opened().thenRun(() -> WindowPicture.writeThenClose(stage, file)));
    }

    @Override
    public void stop() {
        window.close();
    }
}

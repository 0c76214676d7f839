package wildchalk.desktop.shots;

import java.util.List;
import wildchalk.core.log.season.Season;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.pages.LogPage;

/** What is shown of the log: its season, with the last evening open. */
final class LogShot {

    private LogShot() {}

    /** Opens the last evening that is in sight. */
    static void open(OpenWindow session) {
        List<Season.Evening> evenings = session.window()
                .page(LogPage.class)
                .orElseThrow()
                .state()
                .shownProperty()
                .get()
                .orElseThrow()
                .season()
                .evenings();
        session.window().open(evenings.get(evenings.size() - 1).entry());
    }
}

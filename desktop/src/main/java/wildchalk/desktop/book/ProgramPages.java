package wildchalk.desktop.book;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.MenuItem;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.about.AboutPage;
import wildchalk.desktop.about.WherePage;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.trouble.TroubleLog;
import wildchalk.desktop.trouble.TroublePage;
import wildchalk.storage.book.Copies;

/** What the program says of itself: where things lie, what went wrong, and what it is. */
final class ProgramPages {

    private static final Wordbook BOOK = Wordbook.beside(ProgramPages.class, "Program");

    private final PageHost host;

    ProgramPages(PageHost host) {
        this.host = host;
    }

    List<MenuItem> items() {
        return List.of(
                item("where", this::where),
                item("troubles", this::troubles),
                item("about", () -> lay(new AboutPage(host::back))));
    }

    private static MenuItem item(String name, Runnable shows) {
        MenuItem item = new MenuItem(BOOK.say(name));
        item.setId(name);
        item.setOnAction(e -> shows.run());
        return item;
    }

    private void where() {
        List<WherePage.Place> places = List.of(
                new WherePage.Place("copies", Copies.folder(host.keeper().file())),
                new WherePage.Place("program", BookPlaces.folder()),
                new WherePage.Place("surfaces", BookPlaces.surfaces()),
                new WherePage.Place("troubles", BookPlaces.troubles()));
        lay(new WherePage(host.keeper().file(), places, host.exchange().chooser(), host::moveTo, host::back));
    }

    /** With the keys on it: Escape leaves it. */
    private void lay(Node page) {
        host.lay(page);
        page.requestFocus();
    }

    private void troubles() {
        Background.work(
                BOOK.say("troubles.work"),
                TroubleLog::text,
                text -> lay(new TroublePage(text, TroubleLog.file(), host::back)),
                trouble -> host.messages().warn(BOOK.say("troubles.unread")));
    }
}

package wildchalk.desktop.pages;

import java.util.List;
import java.util.function.Function;
import wildchalk.desktop.page.Page;
import wildchalk.desktop.page.PageHost;

/**
 * A page that the window has, before a book is open.
 *
 * @param title as it stands on its tab
 * @param id by which its tab is found
 * @param make makes it for a book that has just been opened
 */
public record PageKind(String title, String id, Function<PageHost, Page> make) {

    /** All pages, in the order of their tabs; the first is shown when a book is opened. */
    public static final List<PageKind> ALL = List.of(
            new PageKind("Book", "tab-book", BookPage::new),
            new PageKind("Board", "tab-board", BoardPage::new),
            new PageKind("Practice", "tab-practice", PracticePage::new),
            new PageKind("Squad", "tab-squad", SquadPage::new),
            new PageKind("Log", "tab-log", LogPage::new));
}

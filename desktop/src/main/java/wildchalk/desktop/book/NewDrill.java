package wildchalk.desktop.book;

import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.begin.BeginPage;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.page.PageHost;
import wildchalk.storage.book.Book;
import wildchalk.storage.kind.SquadKind;

/** Opens the page on which drills begin. */
final class NewDrill extends Button {

    private static final int OFFERED = 8;
    /** So many people come where no squad says otherwise; assumed. */
    private static final int USUAL = 12;

    private final PageHost host;
    private final Keeper keeper;
    private final Finder finder;

    NewDrill(PageHost host, Finder finder) {
        super("New drill");
        this.host = host;
        this.keeper = host.keeper();
        this.finder = finder;
        setId("new-drill");
        getStyleClass().add("dark-button");
        setMinWidth(Region.USE_PREF_SIZE);
        setOnAction(e -> open());
    }

    /** Lays the page over the book. */
    void open() {
        open(BeginPage::search);
    }

    /** The same with the starters alone. */
    void starters() {
        open(BeginPage::onlyStarters);
    }

    private void open(Consumer<BeginPage> then) {
        keeper.ask(NewDrill::people, people -> {
            BeginPage page = new BeginPage(known(people), this::begin, host::back);
            host.lay(page);
            then.accept(page);
        });
    }

    private BeginPage.Known known(int people) {
        List<Book.Row> lately = finder.rows().stream()
                .filter(r -> !r.isAside())
                .sorted(Comparator.comparingLong((Book.Row r) -> -Math.max(r.used(), r.changed())))
                .toList();
        return new BeginPage.Known(
                keeper.surfaces().plans(),
                lately.stream().map(r -> r.summary().surface()).toList(),
                lately.stream()
                        .limit(OFFERED)
                        .map(r -> new BeginPage.There(
                                r.title(), () -> keeper.ask(b -> b.drills().duplicate(r.id()), host::open)))
                        .toList(),
                people);
    }

    /** As many as the squad has that was used last. */
    private static int people(Book book) {
        return book.of(SquadKind.SQUADS).list().stream()
                .filter(s -> !s.isAside())
                .max(Comparator.comparingLong(s -> s.used()))
                .flatMap(s -> book.of(SquadKind.SQUADS).find(s.id()))
                .map(s -> s.playing().size())
                .filter(n -> n > 0)
                .orElse(USUAL);
    }

    private void begin(Drill drill) {
        keeper.ask(book -> book.drills().add(drill), host::open);
    }
}

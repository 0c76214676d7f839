package wildchalk.desktop.book;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Screen;
import wildchalk.core.log.season.Experience;
import wildchalk.core.log.season.ExperienceWords;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.keeping.Cataloguer;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.keeping.Opened;
import wildchalk.desktop.message.Messages;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.picture.Pictures;
import wildchalk.desktop.showme.ShowMePage;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Shelf;

/** The cards of a book, with all that finds drills and all that can be done to one as a whole. */
public final class BookView extends BorderPane implements DrillCard.Page {

    private static final KeyCombination FIND = new KeyCodeCombination(KeyCode.F, KeyCombination.SHORTCUT_DOWN);

    private final Keeper keeper;
    private final Messages messages;
    private final Exchange exchange;
    private final PageHost host;
    private final Finder finder;
    private final Cataloguer cataloguer;
    private final Pictures pictures;
    private final CardGrid grid;
    private final CardMenu menu;
    private final Places places;
    private final TextField words = new TextField();
    private final Label count = new Label();
    private final NothingHere empty;
    private final LivePicture live;
    private final NewDrill newDrill;
    private final Greeting greeting;
    private List<Shelf.Collection> collections = List.of();
    private List<String> before = List.of();
    private Experience experience = Experience.NONE;

    /** @param host the window that it lies in */
    public BookView(PageHost host) {
        this.host = host;
        this.keeper = host.keeper();
        this.messages = host.messages();
        this.exchange = host.exchange();
        this.finder = new Finder(keeper);
        this.cataloguer = new Cataloguer(keeper, finder::see);
        this.live = new LivePicture(keeper);
        this.newDrill = new NewDrill(host, finder);
        this.menu = new CardMenu(keeper, messages, exchange, finder, this::refresh, () -> collections, keeper.file());
        this.places = new Places(keeper, finder, this::refresh);
        this.pictures = new Pictures(
                keeper, DrillCard.WIDE, DrillCard.PICTURE, Screen.getPrimary().getOutputScaleX());
        this.grid = new CardGrid(this, pictures, this::light);
        setId("book-view");
        getStyleClass().add("book-view");
        setTop(new VBox(8, bar(), new FilterBar(finder)));
        setLeft(places);
        this.empty = new NothingHere(finder);
        greeting = new Greeting(List.of(
                new Greeting.Way("show-me", () -> ShowMePage.begin(host)),
                new Greeting.Way("starter", newDrill::starters),
                new Greeting.Way("empty", newDrill::open)));
        setCenter(new StackPane(grid, empty, greeting));
        finder.shownProperty().addListener(o -> show());
        finder.wordsProperty().addListener(o -> {
            grid.unlight();
            tellNothing();
        });
        finder.placeProperty().addListener(o -> tellNothing());
        setOnDragOver(this::dragged);
        setOnDragDropped(this::dropped);
        fill(host.contents());
    }

    private HBox bar() {
        count.getStyleClass().add("quiet");
        count.setId("book-count");
        VBox head = new VBox(0, new BookList(keeper.file(), exchange, host::switchTo, new ProgramPages(host)), count);
        head.setMinWidth(Region.USE_PREF_SIZE);
        words.setId("find-drills");
        words.setPromptText("Find: a title, a word of the script, cones yellow, 2v1, first touch");
        words.setAccessibleText("Find drills by words");
        words.setTooltip(new Tooltip("Every word counts, or its beginning (Ctrl F)"));
        words.textProperty().bindBidirectional(finder.wordsProperty());
        words.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.ENTER) {
                grid.focus(0);
                e.consume();
            } else if (e.getCode() == KeyCode.ESCAPE) {
                finder.forget();
                e.consume();
            }
        });
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox bar = new HBox(12, head, words, newDrill, takeIn());
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private Button takeIn() {
        Button button = new Button("Take in files …");
        button.setId("import");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setTooltip(new Tooltip("Drill files and bundles, one or a thousand; they can be dropped here too"));
        button.setOnAction(e -> chooseFiles());
        return button;
    }

    private void chooseFiles() {
        takeIn(exchange.chooser().toOpenSeveral("Drill files and bundles", "*.json", "*.zip"));
    }

    private void takeIn(List<Path> files) {
        if (!files.isEmpty()) {
            host.lay(new TakeInPane(keeper, messages, files, () -> {
                host.back();
                refresh();
            }));
        }
    }

    private void dragged(DragEvent e) {
        if (e.getDragboard().hasFiles()) {
            e.acceptTransferModes(TransferMode.COPY);
            e.consume();
        }
    }

    private void dropped(DragEvent e) {
        if (e.getDragboard().hasFiles()) {
            takeIn(e.getDragboard().getFiles().stream().map(f -> f.toPath()).toList());
            e.setDropCompleted(true);
            e.consume();
        }
    }

    /** A key that was pressed anywhere in the window. */
    public void key(KeyEvent e) {
        if (FIND.match(e)) {
            words.requestFocus();
            words.selectAll();
            e.consume();
        }
    }

    /** Shows the book as it is now. */
    public void refresh() {
        keeper.ask(Opened.Contents::of, this::fill);
    }

    /** Nothing is drawn or played any more. */
    public void close() {
        live.stop();
        pictures.close();
    }

    private void fill(Opened.Contents contents) {
        collections = contents.collections();
        finder.fill(contents.rows());
        places.show(collections);
        cataloguer.look();
        // The cards are there before anybody reads the log.
        keeper.ask(b -> Experience.of(b.entries()), now -> {
            boolean other = !now.equals(experience);
            experience = now;
            if (other) {
                show();
            }
        });
    }

    private void show() {
        List<Book.Row> shown = finder.shownProperty().get();
        List<String> ids = shown.stream().map(Book.Row::id).toList();
        grid.show(shown, !ids.equals(before));
        before = ids;
        long all = finder.rows().stream()
                .filter(finder.placeProperty().get()::holds)
                .count();
        if (shown.size() == all) {
            if (all == 1) {
                count.setText("1 drill");
            } else {
                count.setText(all + " drills");
            }
        } else {
            count.setText(shown.size() + " of " + all + " drills");
        }
        tellNothing();
    }

    /** What stands there where no card does: another place or other words that find nothing too change only that. */
    private void tellNothing() {
        boolean bare = finder.shownProperty().get().isEmpty();
        boolean nothing = bare && finder.rows().stream().allMatch(Book.Row::isAside);
        greeting.setVisible(nothing);
        empty.show(!nothing && bare);
    }

    private void light(List<Integer> numbers, Runnable then) {
        String typed = finder.wordsProperty().get();
        if (!typed.isBlank()) {
            keeper.ask(b -> b.lit(typed, numbers), (Map<Integer, Book.Lit> lit) -> {
                if (typed.equals(finder.wordsProperty().get())) {
                    grid.lit(lit);
                    then.run();
                }
            });
        }
    }

    @Override
    public void open(Book.Row row) {
        if (row.isAside()) {
            messages.say(row.title() + " is put aside. Bring it back first: the three dots on its card.");
            return;
        }
        live.stop();
        keeper.ask(book -> book.drills().load(row.id()), host::open);
    }

    @Override
    public void favourite(Book.Row row, boolean is) {
        keeper.tell(book -> book.drills().favourite(row.id(), is));
        refresh();
    }

    @Override
    public void rename(Book.Row row, String title) {
        keeper.ask(
                book -> {
                    book.drills().keep(book.drills().load(row.id()).withTitle(title), "Rename drill");
                    return title;
                },
                done -> {
                    messages.say("It is called " + done + " now.");
                    refresh();
                });
    }

    @Override
    public List<MenuItem> menu(Book.Row row, DrillCard card) {
        return menu.items(row, card, this::open, host::open, this::versions);
    }

    private void versions(Book.Row row) {
        keeper.ask(
                book -> book.drills().history(row.id()),
                history -> host.lay(new VersionsPane(keeper, messages, row.id(), history, host::open, () -> {
                    host.back();
                    refresh();
                })));
    }

    @Override
    public void play(Book.Row row, StackPane over) {
        live.play(row, over);
    }

    @Override
    public Optional<String> ran(String id) {
        return experience.of(id).map(d -> ExperienceWords.last(d, LocalDate.now(ZoneId.systemDefault())));
    }

    @Override
    public void stop() {
        live.stop();
    }
}

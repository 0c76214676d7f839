package wildchalk.desktop.window;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.stage.Window;
import wildchalk.core.document.Document;
import wildchalk.desktop.book.HandedIn;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.keeping.Opened;
import wildchalk.desktop.message.Messages;
import wildchalk.desktop.page.Page;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.page.ToRun;
import wildchalk.desktop.pages.PageKind;
import wildchalk.desktop.pages.RunsOfBook;
import wildchalk.desktop.showme.ShowMePage;
import wildchalk.storage.kind.Kinds;
import wildchalk.storage.kind.Typed;
import wildchalk.storage.rescue.Rescue;

/**
 * The window: its pages, what is kept, and messages. It knows pages only as such; {@link PageKind#ALL} says which there
 * are.
 */
public final class MainWindow extends StackPane {

    private static final double MESSAGE_MARGIN = 40;
    private static final String OPENING = "Opening the book …";

    private final BorderPane frame = new BorderPane();
    private final Messages messages = new Messages();
    private final TopBar bar = new TopBar(PageKind.ALL, this::goTo, this::run, this::show, this::handOut);
    private final Exchange exchange;
    private final Books books;
    private Keeper keeper;
    private List<Page> pages = List.of();
    private Optional<RunsOfBook> runs = Optional.empty();
    /** What pages know of the window; empty while no book is open. */
    private Optional<PageHost> inside = Optional.empty();
    /** The page that is gone to, something laid over it or not; empty while no book is open. */
    private Optional<Page> here = Optional.empty();

    /** What is done with books as wholes, outside the window. */
    public interface Books {

        /** Opens another book in place of this one. */
        void switchTo(Path book);

        /** Moves the open book. */
        void moveTo(Path file);
    }

    /** @param books closes and opens them */
    public MainWindow(Exchange.Chooser chooser, Books books) {
        this.exchange = new Exchange(chooser, messages);
        this.books = books;
        getStyleClass().add("window");
        frame.setTop(bar);
        // Messages lie over the page, so that nothing moves away from under the pointer.
        StackPane.setAlignment(messages, Pos.BOTTOM_CENTER);
        StackPane.setMargin(messages, new Insets(0, 0, MESSAGE_MARGIN, 0));
        getChildren().addAll(frame, messages);
        addEventHandler(KeyEvent.KEY_PRESSED, this::press);
        addEventHandler(KeyEvent.KEY_RELEASED, e -> inSight().ifPresent(p -> p.release(e)));
        saying(EmptyPage.saying(OPENING));
    }

    private void press(KeyEvent e) {
        inSight().ifPresent(page -> {
            if (e.getCode() == KeyCode.F5 && page.showing().isPresent()) {
                show();
            } else if (e.getCode() == KeyCode.F6 && page.running().isPresent()) {
                run();
            } else if (e.isShortcutDown()
                    && e.getCode() == KeyCode.P
                    && page.handingOut().isPresent()) {
                handOut();
            } else if (e.getCode() == KeyCode.F1 && !(page instanceof ShowMePage)) {
                inside.ifPresent(ShowMePage::begin);
            } else {
                page.press(e);
            }
        });
    }

    /** The page that is in the middle of the window; empty while something is laid over it. */
    private Optional<Page> inSight() {
        return here.filter(p -> p.isThere() && frame.getCenter() == p.node());
    }

    /** Documents came into the book that nobody made on a page. */
    public void bookChanged() {
        pages.forEach(p -> p.keptAgain(keeper.standingProperty().get()));
    }

    private void goTo(int page) {
        go(pages.get(page));
    }

    private void go(Page page) {
        here.ifPresent(Page::leave);
        here = Optional.of(page);
        frame.setCenter(page.node());
        page.enter();
        offer();
    }

    private void lay(Node over) {
        frame.setCenter(over);
        offer();
    }

    private void back() {
        frame.setCenter(here.orElseThrow().node());
        offer();
    }

    private void offer() {
        bar.offer(
                inSight(),
                IntStream.range(0, pages.size())
                        .filter(i -> pages.get(i).isThere())
                        .boxed()
                        .toList(),
                here.map(pages::indexOf).orElse(-1));
    }

    /** Nothing is open: only words are shown. */
    private void saying(Node words) {
        here = Optional.empty();
        pages.forEach(Page::close);
        pages = List.of();
        runs.ifPresent(RunsOfBook::close);
        runs = Optional.empty();
        inside = Optional.empty();
        frame.setCenter(words);
        offer();
    }

    private void show() {
        inSight().flatMap(Page::showing).ifPresent(Runnable::run);
    }

    private void run() {
        inSight().flatMap(Page::running).ifPresent(Runnable::run);
    }

    private void handOut() {
        inSight().ifPresent(page -> page.handingOut().ifPresent(out -> {
            page.leave();
            out.run();
        }));
    }

    /** Shows an open book; everything in the window is kept in it. */
    public void showBook(Keeper opened, Opened.Contents contents) {
        saying(EmptyPage.saying(OPENING));
        keeper = opened;
        bar.kept().follow(keeper, messages, until -> pages.forEach(p -> p.keptAgain(until)));
        PageHost host = host(contents);
        inside = Optional.of(host);
        pages = PageKind.ALL.stream().map(k -> k.make().apply(host)).toList();
        go(pages.get(0));
        runs = Optional.of(new RunsOfBook(host));
        runs.get().resume();
    }

    private PageHost host(Opened.Contents contents) {
        Keeper opened = keeper;
        return new PageHost() {
            @Override
            public Keeper keeper() {
                return opened;
            }

            @Override
            public Opened.Contents contents() {
                return contents;
            }

            @Override
            public Messages messages() {
                return messages;
            }

            @Override
            public Exchange exchange() {
                return exchange;
            }

            @Override
            public void go(Page page) {
                MainWindow.this.go(page);
            }

            @Override
            public void home() {
                goTo(0);
            }

            @Override
            public void open(Document<?> document) {
                MainWindow.this.open(document);
            }

            @Override
            public void run(ToRun practice) {
                runs.ifPresent(r -> r.run(practice));
            }

            @Override
            public void lay(Node over) {
                MainWindow.this.lay(over);
            }

            @Override
            public void back() {
                MainWindow.this.back();
            }

            @Override
            public void changed() {
                offer();
            }

            @Override
            public void forgetWhatWasThere() {
                pages.forEach(Page::forgetWhatWasThere);
            }

            @Override
            public void switchTo(Path book) {
                opening();
                books.switchTo(book);
            }

            @Override
            public void moveTo(Path file) {
                opening();
                books.moveTo(file);
            }

            @Override
            public Window onScreen() {
                return getScene().getWindow();
            }
        };
    }

    /** Says that a book is being opened. */
    public void opening() {
        saying(EmptyPage.saying(OPENING));
    }

    /** Says that a book is damaged and is looked through. */
    public void rescuing() {
        saying(EmptyPage.saying("The book is damaged. Looking what can be saved; the damaged file is left as it is …"));
    }

    /**
     * Says what was saved of a damaged book.
     *
     * @param take puts what was saved in its place
     * @param open told which other book is to be opened, when the coach has chosen one
     */
    public void showRescue(Rescue.Saved saved, Runnable take, Consumer<Path> open) {
        saying(new RescuePage(saved, take, otherBook(open)));
        frame.getCenter().lookup("#rescue-go").requestFocus();
    }

    /**
     * Asks what to do with what is in memory only, before the window goes.
     *
     * @param close closes the window without it
     */
    public void askBeforeClosing(List<Typed<?>> documents, Runnable close) {
        String some = documents.size() == 1
                ? documents.get(0).document().title() + " is"
                : documents.stream()
                                .collect(Collectors.groupingBy(
                                        d -> d.kind().word(), LinkedHashMap::new, Collectors.counting()))
                                .entrySet()
                                .stream()
                                .map(e -> Kinds.USUAL.count(e.getKey(), e.getValue()))
                                .collect(Collectors.joining(", "))
                        + " are";
        Map<String, Runnable> ways = new LinkedHashMap<>();
        ways.put("Save as a file …", () -> exchange.saveBundle(documents, close));
        ways.put("Close without", close);
        messages.ask(
                some + " not kept in the book: "
                        + KeptLabel.why(keeper.standingProperty().get())
                        + " Saved as a file, they can be taken in later.",
                ways);
    }

    /**
     * Says why there is no book and offers to open another.
     *
     * @param open told which, when the coach has chosen
     */
    public void showTrouble(String words, Consumer<Path> open) {
        messages.warn(words);
        saying(EmptyPage.saying("No book is open.", otherBook(open)));
    }

    private Button otherBook(Consumer<Path> open) {
        Button other = new Button("Open another book …");
        other.setId("other-book");
        other.setOnAction(e -> exchange.toOpen("Books", "*.chalkbook").ifPresent(file -> {
            opening();
            open.accept(file);
        }));
        return other;
    }

    public Messages messages() {
        return messages;
    }

    /** Opens a document of the book on the page that such documents are for. */
    public void open(Document<?> document) {
        if (pages.stream().noneMatch(p -> p.take(document))) {
            throw new IllegalArgumentException("no page is for " + document.getClass());
        }
    }

    /** Takes a file that comes from outside into the open book and opens what is in it. */
    public void handIn(Path file) {
        Runnable looked = () -> {
            back();
            bookChanged();
        };
        inside.ifPresentOrElse(host -> new HandedIn(host, looked).open(file), () -> HandedIn.withoutBook(messages));
    }

    /** What is run out of the open book; empty while no book is open. */
    public Optional<RunsOfBook> runs() {
        return runs;
    }

    /** A page of the open book; empty when there is none of that kind, or no book is open. */
    public <P extends Page> Optional<P> page(Class<P> kind) {
        return pages.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }
}

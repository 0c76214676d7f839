package wildchalk.desktop.window;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.InvalidationListener;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import wildchalk.core.document.History;
import wildchalk.core.drill.Drill;
import wildchalk.core.naming.VenueWords;
import wildchalk.desktop.beside.Beside;
import wildchalk.desktop.board.BoardView;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Desk;
import wildchalk.desktop.book.BookView;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.handout.HandOutPane;
import wildchalk.desktop.handout.Wanted;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.keeping.Opened;
import wildchalk.desktop.keeping.Preferences;
import wildchalk.desktop.message.Messages;
import wildchalk.desktop.show.ShowState;
import wildchalk.desktop.show.ShowWindows;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Standing;
import wildchalk.storage.book.Version;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.rescue.Rescue;

/** The window: Book and Board, what is kept, and Hand out. */
public final class MainWindow extends StackPane {

    private static final double MESSAGE_MARGIN = 40;
    private static final String OPENING = "Opening the book …";

    private final BorderPane frame = new BorderPane();
    private final Messages messages = new Messages();
    private final KeptLabel kept = new KeptLabel();
    private final ToggleButton bookTab = tab("Book", "tab-book");
    private final ToggleButton boardTab = tab("Board", "tab-board");
    private final Button undo = new Button("↶");
    private final Button redo = new Button("↷");
    private final Button show = new Button("Show it");
    private final Button handOut = new Button("Hand out");
    private final Exchange exchange;
    private final Consumer<Path> onSwitch;
    private Keeper keeper;
    private BookView book;
    private BoardState board;
    private BoardView boardView;
    private ShowWindows shown;

    /** @param onSwitch opens another book in place of this one */
    public MainWindow(Exchange.Chooser chooser, Consumer<Path> onSwitch) {
        this.exchange = new Exchange(chooser, messages);
        this.onSwitch = onSwitch;
        getStyleClass().add("window");
        frame.setTop(topBar());
        // Messages lie over the page, so that nothing moves away from under the pointer.
        StackPane.setAlignment(messages, Pos.BOTTOM_CENTER);
        StackPane.setMargin(messages, new Insets(0, 0, MESSAGE_MARGIN, 0));
        getChildren().addAll(frame, messages);
        frame.setCenter(EmptyPage.saying(OPENING));
        bookTab.setOnAction(e -> showBook());
        boardTab.setOnAction(e -> showBoard());
        boardTab.setDisable(true);
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (boardView != null && frame.getCenter() == boardView) {
                if (e.getCode() == KeyCode.F5) {
                    show();
                } else if (e.isShortcutDown() && e.getCode() == KeyCode.P) {
                    handOut();
                } else {
                    boardView.key(e);
                }
            } else if (book != null && frame.getCenter() == book) {
                book.key(e);
            }
        });
        addEventHandler(KeyEvent.KEY_RELEASED, e -> {
            if (boardView != null && frame.getCenter() == boardView) {
                boardView.keyReleased(e);
            }
        });
        offerHistory();
    }

    private HBox topBar() {
        Label name = new Label("Wild Chalk");
        name.getStyleClass().add("name");
        List.of(undo, redo).forEach(b -> b.setTooltip(new Tooltip()));
        undo.setId("undo");
        undo.setOnAction(e -> board.document().undo());
        UndoList.on(undo, () -> board);
        redo.setId("redo");
        redo.setOnAction(e -> board.document().redo());
        undo.getStyleClass().add("history");
        redo.getStyleClass().add("history");
        show.setId("show-it");
        show.getStyleClass().add("dark-button");
        show.setTooltip(new Tooltip("On the whole screen, beat by beat (F5)"));
        show.setOnAction(e -> show());
        handOut.setId("hand-out");
        handOut.getStyleClass().add("dark-button");
        handOut.setTooltip(new Tooltip("Card, page, clip, picture, text: whoever gets one can run the drill (Ctrl P)"));
        handOut.setOnAction(e -> handOut());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox bar = new HBox(14, name, bookTab, boardTab, gap, kept, undo, redo, show, handOut);
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.getStyleClass().add("top-bar");
        return bar;
    }

    private static ToggleButton tab(String text, String id) {
        ToggleButton tab = new ToggleButton(text);
        tab.setId(id);
        tab.getStyleClass().add("tab-button");
        return tab;
    }

    /** Lets the coach choose what is handed out of the drill on the Board, and how. */
    private void handOut() {
        board.head().playingProperty().set(false);
        keeper.ask(Wanted::read, wanted -> {
            HandOutPane page = HandOutPane.of(board, wanted, exchange.chooser(), this::keepWanted,
                    messages::say, this::showBoard);
            frame.setCenter(page);
            page.requestFocus();
            offerHistory();
        });
    }

    private void keepWanted(Wanted wanted) {
        keeper.tell(b -> {
            wanted.write(b);
            b.drills().use(board.drill().id());
        });
    }

    /** Shows an open book; everything in the window is kept in it. */
    public void showBook(Keeper opened, Opened.Contents contents) {
        keeper = opened;
        if (book != null) {
            book.close();
        }
        board = null;
        boardView = null;
        boardTab.setDisable(true);
        bookTab.setDisable(false);
        kept.follow(keeper, messages, this::keptAgain);
        book = new BookView(keeper, contents, messages, exchange, bookDesk());
        frame.setCenter(book);
        select(bookTab);
    }

    private void keptAgain(Standing until) {
        if (frame.getCenter() == book) {
            book.refresh();
        }
        if (until.kind() == Standing.Kind.OTHER_WINDOW && until.waiting() == 0 && board != null) {
            // What is on the Board is as the other window found it, not as it left it.
            keeper.ask(b -> b.drills().find(board.drill().id()), now -> now.filter(d -> !d.isLike(board.drill())).ifPresent(d -> {
                messages.say(d.title() + " was changed in the other window. This is how it is now.");
                open(d);
            }));
        }
    }

    private BookView.Desk bookDesk() {
        return new BookView.Desk() {
            @Override
            public void open(Drill drill) {
                MainWindow.this.open(drill);
            }

            @Override
            public void switchTo(Path other) {
                opening();
                onSwitch.accept(other);
            }

            @Override
            public void page(Node page) {
                frame.setCenter(page);
            }

            @Override
            public void back() {
                frame.setCenter(book);
            }
        };
    }

    /** Says that a book is being opened. */
    public void opening() {
        bookTab.setDisable(true);
        boardTab.setDisable(true);
        frame.setCenter(EmptyPage.saying(OPENING));
        offerHistory();
    }

    /** Says that a book is damaged and is looked through. */
    public void rescuing() {
        frame.setCenter(EmptyPage.saying("The book is damaged. Looking what can be saved; the damaged file is left as it is …"));
    }

    /**
     * Says what was saved of a damaged book.
     *
     * @param take puts what was saved in its place
     * @param open told which other book is to be opened, when the coach has chosen one
     */
    public void showRescue(Rescue.Saved saved, Runnable take, Consumer<Path> open) {
        frame.setCenter(new RescuePage(saved, take, otherBook(open)));
        frame.getCenter().lookup("#rescue-go").requestFocus();
    }

    /**
     * Asks what to do with drills that are in memory only, before the window goes.
     *
     * @param close closes the window without them
     */
    public void askBeforeClosing(List<Drill> drills, Runnable close) {
        String some = drills.size() == 1 ? drills.get(0).title() + " is" : drills.size() + " drills are";
        Map<String, Runnable> ways = new LinkedHashMap<>();
        ways.put("Save as a file …", () -> exchange.saveDrills(drills, close));
        ways.put("Close without", close);
        messages.ask(some + " not kept in the book: " + KeptLabel.why(keeper.standingProperty().get()) + " Saved as a file, they can be taken in later.", ways);
    }

    /**
     * Says why there is no book and offers to open another.
     *
     * @param open told which, when the coach has chosen
     */
    public void showTrouble(String words, Consumer<Path> open) {
        messages.warn(words);
        bookTab.setDisable(true);
        frame.setCenter(EmptyPage.saying("No book is open.", otherBook(open)));
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

    private void showBook() {
        if (board != null) {
            board.head().playingProperty().set(false);
        }
        book.refresh();
        frame.setCenter(book);
        select(bookTab);
    }

    private void showBoard() {
        frame.setCenter(boardView);
        select(boardTab);
        boardView.requestFocus();
    }

    private void select(ToggleButton tab) {
        bookTab.setSelected(tab == bookTab);
        boardTab.setSelected(tab == boardTab);
        offerHistory();
    }

    /** Opens a drill of the book on the Board. */
    public void open(Drill drill) {
        if (board != null && board.drill().equals(drill)) {
            showBoard();
            return;
        }
        keeper.tell(b -> b.drills().use(drill.id()));
        board = new BoardState(drill, (d, change) -> keeper.keep(DrillKind.DRILLS, d, change.words()), desk());
        remember(board);
        recall(board);
        if (drill.venue().isMissing()) {
            messages.warn("The surface \"" + drill.venue().surface() + "\" is not on this computer. The drill is shown "
                    + "on " + VenueWords.standIn(drill.venue()) + ", and everything is where it was. To see its lines, put the "
                    + "surface file into " + BookPlaces.surfaces() + " and start again.");
        }
        board.changesProperty().addListener(o -> offerHistory());
        boardView = new BoardView(board);
        boardTab.setDisable(false);
        showBoard();
    }

    /** What was done to a drill before it was opened can be undone as soon as it is read. */
    private void recall(BoardState opened) {
        keeper.ask(b -> b.drills().told(opened.drill().id()), told -> told.filter(t -> !t.words().isEmpty())
                .ifPresent(t -> messages.warn(String.join(" ", t.words()))));
        keeper.ask(b -> b.drills().versions(opened.drill().id()), versions -> {
            if (versions.isEmpty()) {
                return;
            }
            Beside.work("reading what was done before", () -> History.replayed(versions.stream().map(Version::read).toList()), past -> {
                opened.document().recall(past);
                offerHistory();
            }, trouble -> messages.warn(trouble.words("What was done to this drill before could not be read.")
                    + " It cannot be undone; the drill is whole, and what you do now can be."));
        });
    }

    private Desk desk() {
        return new Desk() {
            @Override
            public void drills(Consumer<List<Titled>> then) {
                keeper.ask(b -> b.rows().stream().filter(r -> !r.isAside()).map(r -> new Titled(r.id(), r.title())).toList(), then);
            }

            @Override
            public void drill(String id, Consumer<Drill> then) {
                keeper.ask(b -> b.drills().load(id), then);
            }

            @Override
            public void open(String id) {
                keeper.ask(b -> b.drills().load(id), MainWindow.this::open);
            }

            @Override
            public void say(String words) {
                messages.warn(words);
            }
        };
    }

    /** Lengths are said as the coach last chose, in every drill of the book. */
    private void remember(BoardState state) {
        keeper.ask(Preferences::read, preferences -> {
            state.viewing().unitsProperty().set(preferences.units());
            state.sheets().handfulProperty().set(preferences.handful());
            InvalidationListener keep = o -> keeper.tell(book ->
                    new Preferences(state.viewing().unitsProperty().get(), state.sheets().handfulProperty().get()).write(book));
            state.viewing().unitsProperty().addListener(keep);
            state.sheets().handfulProperty().addListener(keep);
        });
    }

    private void offerHistory() {
        boolean onBoard = board != null && boardTab.isSelected() && frame.getCenter() == boardView;
        offer(undo, "Undo", onBoard ? board.document().history().nextUndo() : Optional.empty(), onBoard);
        offer(redo, "Redo", onBoard ? board.document().history().nextRedo() : Optional.empty(), onBoard);
        handOut.setVisible(onBoard);
        show.setVisible(onBoard);
    }

    private static void offer(Button button, String verb, Optional<String> step, boolean shown) {
        button.setDisable(step.isEmpty());
        button.setVisible(shown);
        String words = verb + step.map(s -> ": " + s).orElse("");
        button.getTooltip().setText(verb.equals("Undo") && step.isPresent() ? words + "\nRight button: the whole list" : words);
        button.setAccessibleText(words);
    }

    /** Shows the drill to people, from the rung that is looked at. */
    private void show() {
        board.head().playingProperty().set(false);
        shown = ShowWindows.open(new ShowState(board.drill(), board.rung(), board.viewing().lookProperty().get(), board.viewing().unitsProperty().get()), getScene().getWindow());
    }

    /** The showing that was opened last, when there was one. */
    public Optional<ShowWindows> shown() {
        return Optional.ofNullable(shown);
    }

    /** The state of the Board, when a drill is open on it. */
    public Optional<BoardState> board() {
        return Optional.ofNullable(board);
    }
}

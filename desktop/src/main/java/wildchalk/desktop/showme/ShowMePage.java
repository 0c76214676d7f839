package wildchalk.desktop.showme;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Text;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Venue;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.BoardView;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.page.Page;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.page.Undoable;
import wildchalk.storage.book.Book;

/** A board of its own with what to do on it said above; kept when the coach says so, and else gone as it is left. */
public final class ShowMePage implements Page {

    private static final Wordbook BOOK = Wordbook.beside(ShowMePage.class, "ShowMe");
    /** Where nothing was drawn yet. */
    private static final String USUAL = "open-grass";

    private static final double WIDE = 350;
    private static final double FROM_TOP = 10;
    /** Beside the words, where it covers nothing but board. */
    private static final double FROM_LEFT = 256;

    private final PageHost host;
    private final BoardState board;
    private final BoardView view;
    private final Guide guide;
    private final StackPane node;
    private final Label count = new Label();
    private final Text words = new Text();
    private final Button away = new Button();
    private final Button keep = new Button(BOOK.say("keep"));

    private ShowMePage(PageHost host, SurfacePlan surface) {
        this.host = host;
        board = new BoardState(
                Drill.empty("show-me", BOOK.say("title"), Venue.of(surface), "whole"),
                (drill, change) -> {},
                new QuietDesk(host));
        view = new BoardView(board);
        guide = new Guide(board);
        node = new StackPane(view, bar());
        board.changesProperty().addListener(o -> host.changed());
        guide.atProperty().addListener(o -> say());
        say();
    }

    /** Begins it, on the surface that was drawn on last. */
    public static void begin(PageHost host) {
        host.keeper().ask(ShowMePage::lately, last -> {
            SurfacePlan surface = last.flatMap(host.keeper().surfaces()::plan)
                    .orElseGet(() -> host.keeper().surfaces().plan(USUAL).orElseThrow());
            host.go(new ShowMePage(host, surface));
        });
    }

    private static Optional<String> lately(Book book) {
        return book.rows().stream().filter(r -> !r.isAside()).findFirst().map(r -> r.summary()
                .surface());
    }

    private HBox bar() {
        count.getStyleClass().add("show-me-count");
        count.setMinWidth(Label.USE_PREF_SIZE);
        words.setId("show-me-words");
        words.getStyleClass().add("show-me-words");
        words.setWrappingWidth(WIDE);
        keep.setId("show-me-keep");
        keep.getStyleClass().add("dark-button");
        keep.setOnAction(e -> keep());
        away.setId("show-me-away");
        away.setOnAction(e -> host.home());
        HBox bar = new HBox(14, count, words, keep, away);
        bar.setId("show-me");
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.getStyleClass().add("show-me");
        bar.setMaxSize(HBox.USE_PREF_SIZE, HBox.USE_PREF_SIZE);
        StackPane.setAlignment(bar, Pos.TOP_LEFT);
        StackPane.setMargin(bar, new Insets(FROM_TOP, 0, 0, FROM_LEFT));
        for (Button button : new Button[] {keep, away}) {
            button.setMinWidth(Button.USE_PREF_SIZE);
            // The keys stay on the board.
            button.setFocusTraversable(false);
        }
        return bar;
    }

    private void say() {
        Optional<Step> step = guide.step();
        count.setText(step.isPresent() ? BOOK.say("count", guide.atProperty().get() + 1, Step.values().length) : "");
        show(count, step.isPresent());
        words.setText(BOOK.say(step.map(Step::key).orElse("end")));
        away.setText(BOOK.say(step.isPresent() ? "skip" : "throw"));
        show(keep, step.isEmpty());
        node.setAccessibleText(words.getText());
    }

    private static void show(Node node, boolean is) {
        node.setVisible(is);
        node.setManaged(is);
    }

    /** How many steps were done. */
    int done() {
        return guide.atProperty().get();
    }

    private void keep() {
        Drill drill = board.drill();
        host.keeper().ask(b -> b.drills().add(drill.withTitle(BOOK.say("kept"))), host::open);
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void enter() {
        // Tab goes from piece to piece only while the board has the keys.
        view.lookup("#board").requestFocus();
    }

    @Override
    public void leave() {
        board.head().playingProperty().set(false);
    }

    @Override
    public void press(KeyEvent e) {
        if (e.getCode() == KeyCode.F1) {
            host.home();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER
                && guide.step().filter(Step.WORDS::equals).isPresent()) {
            guide.read();
            e.consume();
        } else {
            view.key(e);
        }
    }

    @Override
    public void release(KeyEvent e) {
        view.keyReleased(e);
    }

    @Override
    public Optional<Undoable> history() {
        return Optional.of(board.document());
    }
}

package wildchalk.desktop.board.card;

import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.measure.Unit;
import wildchalk.core.waiting.Help;
import wildchalk.core.waiting.HelpWords;
import wildchalk.core.waiting.Helps;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.canvas.FoldingCard;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.HelpDesk;
import wildchalk.desktop.control.Fields;

/** What would cut the waiting, with what each costs; one click does it, one takes it back. */
public final class HelpsCard extends VBox implements FoldingCard {

    private static final Wordbook BOOK = Wordbook.beside(HelpsCard.class, "Helps");
    private static final double WIDE = 296;
    private static final double TALL = 190;

    private final BoardState state;
    private final HelpDesk desk;
    private final VBox rows = new VBox(6);
    private final ScrollPane scroll = new ScrollPane(rows);
    private final Hyperlink head = new Hyperlink(BOOK.say("head"));
    private final Label what = quiet("");
    private final VBox done = new VBox(4);
    private Helps shown;
    private boolean folded;

    private HelpsCard(BoardState state) {
        super(6);
        this.state = state;
        this.desk = state.helps();
        setId("helps-card");
        getStyleClass().add("board-card");
        setPrefWidth(WIDE);
        // People run under it: its shadow is not to be worked out anew with every frame.
        setCache(true);
        head.setId("helps-head");
        head.getStyleClass().addAll("card-heading", "fold-heading");
        head.setOnAction(e -> {
            folded = !folded;
            show();
        });
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox top = new HBox(8, head, between);
        top.setAlignment(Pos.CENTER_LEFT);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("times-scroll");
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        rows.setId("helps-rows");
        Button takeBack = Fields.pill("helps-take-back", BOOK.say("take.back"), this::takeBack);
        done.getChildren().addAll(what, takeBack);
        getChildren().addAll(top, done, scroll);
        desk.foundProperty().addListener(o -> show());
        desk.lookingProperty().addListener(o -> show());
        desk.doneProperty().addListener(o -> show());
        show();
    }

    /** The card lies on the board while many reps are looked at. */
    public static void whileMany(BoardState state, BoardPane board) {
        HelpsCard card = new HelpsCard(state);
        state.many().shownProperty().addListener((o, was, is) -> board.showCard(is ? card : null));
    }

    @Override
    public void fold() {
        folded = true;
        show();
    }

    private void show() {
        Optional<HelpDesk.Done> last = desk.doneProperty().get();
        // The button stays the same one: it may be pressed just when something else comes.
        last.ifPresent(d -> what.setText(BOOK.say("done", d.help().words())));
        done.setVisible(last.isPresent());
        done.setManaged(last.isPresent());
        Helps found = desk.foundProperty().get();
        if (rows.getChildren().isEmpty() || found != shown) {
            shown = found;
            fill(found);
        }
        scroll.setVisible(!folded);
        scroll.setManaged(!folded);
        rows.applyCss();
        scroll.setPrefViewportHeight(Math.min(TALL, rows.prefHeight(WIDE - 30) + 4));
        requestLayout();
        if (getParent() != null) {
            getParent().requestLayout();
        }
    }

    /** What has the keyboard is not to go with the rows: whatever comes next in the window would have it then. */
    private void fill(Helps found) {
        if (getScene() != null && isIn(rows, getScene().getFocusOwner())) {
            head.requestFocus();
        }
        rows.getChildren().clear();
        if (found == null) {
            rows.getChildren()
                    .add(new HBox(
                            8, quiet(BOOK.say("looking")), Fields.pill("helps-stop", BOOK.say("stop"), desk::stop)));
        } else if (found.helps().isEmpty()) {
            rows.getChildren().add(quiet(BOOK.say(found.stopped() ? "stopped" : "none", found.tried())));
        } else {
            HelpWords words = words();
            found.helps().forEach(h -> rows.getChildren().add(row(h, words)));
            rows.getChildren().add(quiet(BOOK.say(found.stopped() ? "some" : "all", found.tried())));
        }
    }

    private static boolean isIn(Node part, Node node) {
        Node at = node;
        while (at != null && at != part) {
            at = at.getParent();
        }
        return at != null;
    }

    private void takeBack() {
        head.requestFocus();
        desk.takeBack();
    }

    private HelpWords words() {
        Unit unit = state.viewing().unitsProperty().get().unit();
        return new HelpWords(state.surface(), unit, state.many()::name);
    }

    private Node row(Help help, HelpWords words) {
        Hyperlink link = new Hyperlink(help.words());
        link.setId("help-" + help.kind().name().toLowerCase(Locale.ROOT));
        link.setWrapText(true);
        link.setOnAction(e -> desk.take(help));
        link.setAccessibleText(BOOK.say("link", help.words(), words.saves(help), words.price(help)));
        Label saves = quiet(words.saves(help));
        Label price = quiet(words.price(help));
        if (help.price().crossings() > 0) {
            price.getStyleClass().add("help-caution");
        }
        return new VBox(1, link, saves, price);
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        label.getStyleClass().add("quiet");
        return label;
    }
}

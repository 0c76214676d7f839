package wildchalk.desktop.book;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.CacheHint;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import wildchalk.core.catalogue.DrillSummary;
import wildchalk.desktop.control.ListButton;
import wildchalk.storage.book.Book;

/**
 * One drill as a card; its picture plays while it is pointed at. Cards are used again for other drills while the Book
 * is turned over.
 */
final class DrillCard extends VBox {

    static final double WIDE = 230;
    static final double PICTURE = 128;
    /** All of it, so that a row of cards is as high as the next. */
    static final double TALL = PICTURE + 98;
    /** Room for two lines on every card, so that their feet are level. */
    private static final double TWO_LINES = 36;

    /** What a card asks of the page it lies on. */
    interface Page {

        void open(Book.Row row);

        void favourite(Book.Row row, boolean is);

        void rename(Book.Row row, String title);

        /** What can be done with a drill. */
        List<MenuItem> menu(Book.Row row, DrillCard card);

        /** Plays the drill over its picture. */
        void play(Book.Row row, StackPane over);

        /** Plays nothing any more. */
        void stop();

        /** When a drill was run last and how it went; empty for one that never was. */
        Optional<String> ran(String id);
    }

    private final Page page;
    private final ImageView image = new ImageView();
    private final StackPane picture = new StackPane(image);
    private final ToggleButton star = new ToggleButton("☆");
    private final TextFlow title = new TextFlow();
    private final ListButton menu = new ListButton("⋯");
    private final HBox titleRow = new HBox(4);
    private final TextFlow what = new TextFlow();
    private final Label when = new Label();
    private Book.Row row;

    DrillCard(Page page) {
        super(3);
        this.page = page;
        getStyleClass().add("card");
        setFocusTraversable(true);
        image.setFitWidth(WIDE);
        image.setFitHeight(PICTURE);
        picture.getStyleClass().add("card-picture");
        picture.setMinHeight(PICTURE);
        star.getStyleClass().add("star");
        star.setFocusTraversable(false);
        star.setOnAction(e -> page.favourite(row, star.isSelected()));
        title.getStyleClass().add("card-title");
        title.setMaxHeight(22);
        title.setMinWidth(0);
        HBox.setHgrow(title, Priority.ALWAYS);
        menu.getStyleClass().add("card-menu");
        menu.setFocusTraversable(false);
        menu.offer(() -> page.menu(row, this));
        titleRow.setAlignment(Pos.CENTER_LEFT);
        titleRow.getChildren().addAll(star, title, menu);
        what.getStyleClass().add("card-what");
        what.setMinHeight(TWO_LINES);
        what.setMaxHeight(TWO_LINES);
        // A third line would lie on what stands below.
        what.setClip(new Rectangle(WIDE, TWO_LINES));
        when.getStyleClass().add("card-when");
        VBox text = new VBox(2, titleRow, what, when);
        text.getStyleClass().add("card-text");
        getChildren().addAll(picture, text);
        setMinWidth(WIDE + 12);
        setMaxWidth(WIDE + 12);
        // Turning the cards over moves pictures of them; they are painted when something on them changes.
        setCache(true);
        setCacheHint(CacheHint.SPEED);
        listen();
    }

    private void listen() {
        setOnMouseClicked(e -> page.open(row));
        setOnKeyPressed(e -> {
            if (e.getTarget() != this) {
                return;
            }
            if (e.getCode() == KeyCode.ENTER) {
                page.open(row);
                e.consume();
            } else if (e.getCode() == KeyCode.F) {
                star.fire();
                e.consume();
            } else if (e.getCode() == KeyCode.CONTEXT_MENU || e.getCode() == KeyCode.M) {
                menu.open();
                e.consume();
            }
        });
        setOnMouseEntered(e -> page.play(row, picture));
        setOnMouseExited(e -> page.stop());
    }

    /**
     * Shows a drill.
     *
     * @param lit where the words of a search stand in it
     */
    void show(Book.Row newRow, Optional<Book.Lit> lit, long now) {
        boolean same = row != null && row.id().equals(newRow.id());
        row = newRow;
        if (!same) {
            image.setImage(null);
            titleRow.getChildren().set(1, title);
            if (isHover()) {
                // Whoever points at it while it becomes another drill's card sees that one.
                page.play(row, picture);
            }
        }
        DrillSummary g = row.summary();
        setId("card-" + row.id());
        setAccessibleText(row.title());
        menu.setAccessibleText("What to do with " + row.title());
        star.setSelected(row.favourite());
        star.setText(row.favourite() ? "★" : "☆");
        star.setAccessibleText(row.favourite() ? "Favourite" : "Make it a favourite");
        if (row.isAside() != getStyleClass().contains("aside")) {
            if (row.isAside()) {
                getStyleClass().add("aside");
            } else {
                getStyleClass().remove("aside");
            }
        }
        parts(title, lit.map(Book.Lit::title).orElse(List.of(row.title())), "card-title-text");
        String facts = row.seen()
                ? g.sport() + " · " + (g.needs().isEmpty() ? "nothing on it yet" : g.needs())
                : "looking it over …";
        // What was found is worth more than what is always there; a match in the title is seen there.
        parts(
                what,
                lit.map(Book.Lit::words)
                        .filter(w -> w.size() > 1 && !w.equals(lit.get().title()))
                        .orElse(List.of(facts)),
                "card-what-text");
        when.setText(when(g, now));
    }

    private String when(DrillSummary g, long now) {
        if (row.isAside()) {
            long days = Math.max(0, Book.ASIDE.toDays() - (now - row.deleted()) / 86_400_000L);
            return "put aside " + Ago.of(row.deleted(), now) + ", goes in " + days + (days == 1 ? " day" : " days");
        }
        String length = g.minutes() > 0 ? Math.round(g.minutes()) + " min · " : "";
        String rungs = g.rungs() == 1 ? "" : g.rungs() + " rungs · ";
        return length + rungs + page.ran(row.id()).orElseGet(() -> used(now));
    }

    private String used(long now) {
        return (row.used() > 0 ? "used " + Ago.of(row.used(), now) : "changed " + Ago.of(row.changed(), now));
    }

    /** Every second part is lit. The texts that are there are used again: a new one has to be given its style first. */
    private static void parts(TextFlow flow, List<String> parts, String style) {
        List<Node> texts = flow.getChildren();
        while (texts.size() < parts.size()) {
            Text text = new Text();
            text.getStyleClass().add(style);
            if (texts.size() % 2 == 1) {
                text.getStyleClass().add("lit");
            }
            texts.add(text);
        }
        texts.subList(parts.size(), texts.size()).clear();
        for (int i = 0; i < parts.size(); i++) {
            ((Text) texts.get(i)).setText(parts.get(i));
        }
    }

    /** Shows the picture, when it is still that of the drill that is shown. */
    void picture(String id, Image drawn) {
        if (row != null && row.id().equals(id)) {
            image.setImage(drawn);
        }
    }

    Optional<Book.Row> row() {
        return Optional.ofNullable(row);
    }

    /** Lets the title be written anew: Enter keeps it, Esc does not. */
    void editTitle() {
        TextField field = new TextField(row.title());
        field.setId("card-title-field");
        HBox.setHgrow(field, Priority.ALWAYS);
        titleRow.getChildren().set(1, field);
        field.requestFocus();
        field.selectAll();
        Book.Row renamed = row;
        field.setOnAction(e -> {
            // Away from the card: an Enter that is held a little long must not open the drill as well.
            getParent().requestFocus();
            titleRow.getChildren().set(1, title);
            String wanted = field.getText().strip();
            if (!wanted.isEmpty() && !wanted.equals(renamed.title())) {
                page.rename(renamed, wanted);
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                titleRow.getChildren().set(1, title);
            }
            e.consume();
        });
        field.setOnMouseClicked(e -> e.consume());
    }
}

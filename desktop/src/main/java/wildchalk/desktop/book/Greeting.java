package wildchalk.desktop.book;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import wildchalk.core.wording.Wordbook;

/** What a book says that has no drill yet: the ways in. */
final class Greeting extends VBox {

    private static final Wordbook BOOK = Wordbook.beside(Greeting.class, "Greeting");
    private static final double WIDE = 216;

    /**
     * A way in.
     *
     * @param name by which its words are found
     */
    record Way(String name, Runnable go) {}

    Greeting(List<Way> ways) {
        super(10);
        setId("greeting");
        setAlignment(Pos.CENTER);
        getStyleClass().add("greeting");
        Label head = new Label(BOOK.say("head"));
        head.getStyleClass().add("greeting-head");
        Label words = new Label(BOOK.say("words"));
        words.getStyleClass().add("quiet");
        HBox row = new HBox(16);
        row.setAlignment(Pos.CENTER);
        ways.forEach(w -> row.getChildren().add(way(w)));
        getChildren().addAll(head, words, row);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    }

    private static Button way(Way way) {
        Text title = new Text(BOOK.say(way.name()));
        title.getStyleClass().add("greeting-title");
        title.setWrappingWidth(WIDE);
        Text words = new Text(BOOK.say(way.name() + ".words"));
        words.getStyleClass().add("begin-line");
        words.setWrappingWidth(WIDE);
        VBox face = new VBox(6, title, words);
        face.setMouseTransparent(true);
        Button button = new Button();
        button.setGraphic(face);
        button.setId("greeting-" + way.name());
        button.setAccessibleText(title.getText() + ". " + words.getText());
        button.getStyleClass().add("begin-card");
        button.setOnAction(e -> way.go().run());
        return button;
    }
}

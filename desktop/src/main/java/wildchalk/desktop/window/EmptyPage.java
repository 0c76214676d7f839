package wildchalk.desktop.window;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** A page with nothing on it but a line of words, and what can be done about it. */
final class EmptyPage extends VBox {

    private EmptyPage(String words) {
        super(12);
        Label label = new Label(words);
        label.getStyleClass().add("empty");
        getChildren().add(label);
        setAlignment(Pos.CENTER);
        getStyleClass().add("empty-page");
    }

    static EmptyPage saying(String words, Node... ways) {
        EmptyPage page = new EmptyPage(words);
        page.getChildren().addAll(ways);
        return page;
    }
}

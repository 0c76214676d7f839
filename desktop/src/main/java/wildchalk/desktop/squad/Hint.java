package wildchalk.desktop.squad;

import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;

/** Words in a list that are only to be read. */
final class Hint {

    private Hint() {}

    static MenuItem of(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        return new CustomMenuItem(label, false);
    }
}

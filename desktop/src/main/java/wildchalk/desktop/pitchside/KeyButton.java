package wildchalk.desktop.pitchside;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** Something that can be done, with its key on it: large enough for cold hands. */
final class KeyButton extends Button {

    /** @param key as it stands on the keyboard; empty where there is none for it */
    KeyButton(String id, String key, String words, Runnable does) {
        setId(id);
        getStyleClass().add("run-button");
        // The keys of this screen are the window's: a button that had the focus would take the space bar.
        setFocusTraversable(false);
        setMinWidth(USE_PREF_SIZE);
        setOnAction(e -> does.run());
        Label what = new Label(words);
        what.getStyleClass().add("run-button-words");
        HBox both = new HBox(9);
        both.setAlignment(Pos.CENTER_LEFT);
        if (!key.isEmpty()) {
            Label cap = new Label(key);
            cap.getStyleClass().add("run-key");
            both.getChildren().add(cap);
        }
        both.getChildren().add(what);
        setGraphic(both);
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        setAccessibleText(key.isEmpty() ? words : words + ", " + key);
    }

    /** The same, standing out. */
    KeyButton strong() {
        getStyleClass().add("run-strong");
        return this;
    }
}

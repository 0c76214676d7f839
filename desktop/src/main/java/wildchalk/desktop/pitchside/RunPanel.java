package wildchalk.desktop.pitchside;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * Something that is asked or written while it runs. It lies over the lower part: the clock can be seen all the time.
 */
abstract class RunPanel extends VBox {

    private final FlowPane buttons = new FlowPane(10, 10);

    /** @param wide pixels at most */
    RunPanel(String id, String heading, double wide) {
        super(12);
        setId(id);
        getStyleClass().add("run-panel");
        setMaxSize(wide, USE_PREF_SIZE);
        StackPane.setAlignment(this, Pos.BOTTOM_LEFT);
        setMinHeight(USE_PREF_SIZE);
        Label title = new Label(heading);
        title.getStyleClass().add("run-panel-title");
        getChildren().add(title);
    }

    /** A key that was pressed while it is there, and is not for a field; whether it was for it. */
    abstract boolean key(KeyEvent e);

    /** Whether a key that is pressed while a field has the keys is for the field. */
    boolean isTyped(KeyEvent e) {
        return true;
    }

    /** It is in the window from now on. */
    void begin() {}

    /** The clock was looked at. */
    void tick() {}

    final Label words(String said) {
        Label label = new Label(said);
        label.getStyleClass().add("run-panel-words");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        getChildren().add(label);
        return label;
    }

    final void add(Node node) {
        getChildren().add(node);
    }

    final TextField field(String id, String name, String shown, String prompt) {
        TextField field = new TextField(shown);
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(name);
        HBox.setHgrow(field, Priority.ALWAYS);
        Label label = new Label(name);
        label.getStyleClass().add("run-panel-name");
        HBox row = new HBox(12, label, field);
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(row);
        return field;
    }

    final void offer(Button... some) {
        buttons.getChildren().setAll(some);
        if (!getChildren().contains(buttons)) {
            getChildren().add(buttons);
        }
    }
}

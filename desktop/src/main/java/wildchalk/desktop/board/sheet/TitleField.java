package wildchalk.desktop.board.sheet;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.StackPane;

/** A title that can be read whole, on several lines if need be, and is typed on one. */
final class TitleField extends StackPane {

    /** Longer titles than these have smaller letters. */
    private static final int LONG = 18;

    private static final int VERY_LONG = 36;

    private final TextField field = new TextField();
    private final Label whole = new Label();
    private final Consumer<String> rename;
    private String title = "";

    /** @param rename what is done with another title, never a blank one */
    TitleField(Consumer<String> rename) {
        this.rename = rename;
        getStyleClass().add("title-field");
        setAlignment(Pos.CENTER_LEFT);
        field.setId("drill-title");
        field.getStyleClass().add("drill-title");
        field.setAccessibleText("Title of the drill");
        field.setMaxHeight(Double.MAX_VALUE);
        field.setOnAction(e -> done());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                done();
            }
        });
        whole.setWrapText(true);
        whole.setMouseTransparent(true);
        whole.setMinHeight(USE_PREF_SIZE);
        whole.setMaxWidth(Double.MAX_VALUE);
        whole.getStyleClass().add("drill-title-whole");
        whole.visibleProperty().bind(field.focusedProperty().not());
        getChildren().addAll(field, whole);
    }

    private void done() {
        String wanted = field.getText().strip();
        if (wanted.isEmpty()) {
            field.setText(title);
        } else if (!wanted.equals(title)) {
            rename.accept(wanted);
        }
    }

    void show(String newTitle) {
        title = newTitle;
        field.setText(newTitle);
        whole.setText(newTitle);
        whole.getStyleClass().removeAll("long", "very-long");
        if (newTitle.length() > VERY_LONG) {
            whole.getStyleClass().add("very-long");
        } else if (newTitle.length() > LONG) {
            whole.getStyleClass().add("long");
        }
    }
}

package wildchalk.desktop.control;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;

/** What a document is called, as a button that opens a list; a field in its place while it gets another name. */
public final class DocumentTitle extends HBox {

    private static final int LONGEST = 60;

    private final String id;
    private final Consumer<String> renamed;
    private final ListButton title = new ListButton("");

    /**
     * A title.
     *
     * @param id of the button, and the beginning of that of the field
     * @param items what its list offers
     * @param renamed told another name that is not empty
     */
    public DocumentTitle(String id, Supplier<List<MenuItem>> items, Consumer<String> renamed) {
        this.id = id;
        this.renamed = renamed;
        setAlignment(Pos.CENTER_LEFT);
        title.setId(id + "-title");
        title.getStyleClass().addAll("book-title", "squad-title");
        title.point();
        title.offer(items);
        getChildren().add(title);
    }

    /** It is called so now. */
    public void fill(String words) {
        title.setText(words);
    }

    /** Lets the coach type another name. */
    public void rename() {
        TextField field = new TextField(title.getText());
        field.setId(id + "-name");
        field.getStyleClass().add("squad-heading");
        field.setOnAction(e -> named(field.getText().strip()));
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                named("");
                e.consume();
            }
        });
        getChildren().setAll(field);
        field.requestFocus();
        field.selectAll();
    }

    private void named(String name) {
        getChildren().setAll(title);
        if (!name.isEmpty()) {
            renamed.accept(name.substring(0, Math.min(LONGEST, name.length())));
        }
    }
}

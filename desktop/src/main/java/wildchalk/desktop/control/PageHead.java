package wildchalk.desktop.control;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** The head of a page: what it is about, and the way back. */
public final class PageHead extends HBox {

    private final Label title = new Label();

    /**
     * A head.
     *
     * @param back what the way back is called
     * @param id by which the way back is found
     */
    public PageHead(String words, String back, String id, Runnable leave) {
        super(12);
        title.setText(words);
        title.getStyleClass().add("book-title");
        title.setMinWidth(0);
        Region gap = new Region();
        setHgrow(gap, Priority.ALWAYS);
        Button button = new Button(back);
        button.setId(id);
        button.getStyleClass().add("page-back");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> leave.run());
        getChildren().addAll(title, gap, button);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("page-head");
    }

    /** Escape leaves a page that lies over another, wherever on it the keys are. */
    public static void leftWithEscape(Node page, Runnable leave) {
        page.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                leave.run();
                e.consume();
            }
        });
    }

    /** Says that it is about something else, or that it is known by now what. */
    public void say(String words) {
        title.setText(words);
    }
}

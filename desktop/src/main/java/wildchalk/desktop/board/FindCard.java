package wildchalk.desktop.board;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import wildchalk.core.naming.Finding;

/** Finds pieces by what they are called; Enter chooses them. */
final class FindCard extends VBox {

    private static final double WIDE = 300;
    private static final double TALL = 150;

    private final BoardState state;
    private final Runnable close;
    private final TextField words = new TextField();
    private final ListView<Finding.Found> found = new ListView<>();

    /** @param close takes the card away again */
    FindCard(BoardState state, Runnable close) {
        super(6);
        this.state = state;
        this.close = close;
        setId("find-card");
        getStyleClass().add("board-card");
        words.setId("find-words");
        words.setPromptText("player 7, all yellow cones, everyone in sky");
        words.setAccessibleText("What to choose");
        found.setPrefSize(WIDE, TALL);
        found.setFocusTraversable(false);
        found.setCellFactory(v -> new ListCell<>() {
            @Override
            protected void updateItem(Finding.Found item, boolean empty) {
                super.updateItem(item, empty);
                setText(empty ? null : item.words());
            }
        });
        found.setPlaceholder(new Label("Nothing is called that"));
        found.setOnMouseClicked(e -> choose());
        words.textProperty().addListener(o -> search());
        words.setOnAction(e -> choose());
        words.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close.run();
                e.consume();
            } else if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
                int next = found.getSelectionModel().getSelectedIndex() + (e.getCode() == KeyCode.DOWN ? 1 : -1);
                found.getSelectionModel().select(Math.max(0, Math.min(found.getItems().size() - 1, next)));
                found.scrollTo(found.getSelectionModel().getSelectedIndex());
                e.consume();
            }
        });
        getChildren().addAll(words, found);
        search();
    }

    void take() {
        words.requestFocus();
    }

    private void search() {
        List<Finding.Found> all = Finding.in(state.stage(), words.getText());
        found.getItems().setAll(all);
        found.getSelectionModel().selectFirst();
    }

    private void choose() {
        Finding.Found chosen = found.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            close.run();
            state.choose(chosen.ids().toArray(new String[0]));
        }
    }
}

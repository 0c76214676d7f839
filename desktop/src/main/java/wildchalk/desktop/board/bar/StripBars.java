package wildchalk.desktop.board.bar;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import wildchalk.desktop.board.state.BoardState;

/** The row over the strip: what one rep plays with or what many do, and which of both is shown. */
public final class StripBars extends HBox {

    public StripBars(BoardState state, Node one, Node many) {
        setAlignment(Pos.CENTER_LEFT);
        StackPane both = new StackPane(one, many);
        both.setAlignment(Pos.CENTER_LEFT);
        both.setMinWidth(0);
        HBox.setHgrow(both, Priority.ALWAYS);
        many.visibleProperty().bind(state.many().shownProperty());
        one.visibleProperty().bind(state.many().shownProperty().not());
        getStyleClass().add("strip-bars");
        getChildren().addAll(both, new ModePills(state));
    }
}

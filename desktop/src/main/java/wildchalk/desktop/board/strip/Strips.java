package wildchalk.desktop.board.strip;

import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.scene.layout.StackPane;
import wildchalk.desktop.board.state.BoardState;

/** The strip of one rep, or of many in its place. */
public final class Strips extends StackPane {

    private final ReadOnlyDoubleWrapper needed = new ReadOnlyDoubleWrapper();

    public Strips(BoardState state) {
        Strip one = new Strip(state);
        ManyStrip many = new ManyStrip(state);
        one.visibleProperty().bind(state.many().shownProperty().not());
        needed.bind(Bindings.when(state.many().shownProperty())
                .then(many.neededProperty())
                .otherwise(one.neededProperty()));
        setMinHeight(0);
        getStyleClass().add("strip-scroll");
        getChildren().addAll(one, many);
    }

    /** How high it would be with all that is usual in sight, pixels. */
    public ReadOnlyDoubleProperty neededProperty() {
        return needed.getReadOnlyProperty();
    }
}

package wildchalk.desktop.board.bar;

import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import wildchalk.desktop.paint.ScreenMap;

/** A round number of metres as long as it is on the board. */
final class ScaleBar extends HBox {

    private static final double[] LENGTHS = {1, 2, 5, 10, 20};
    private static final double LEAST_PIXELS = 34;

    private final Label metres = new Label();
    private final Region bar = new Region();

    ScaleBar(ObservableValue<ScreenMap> map) {
        super(8);
        setAlignment(Pos.CENTER_RIGHT);
        metres.setMinWidth(USE_PREF_SIZE);
        setMinWidth(USE_PREF_SIZE);
        bar.getStyleClass().add("scale-bar");
        getChildren().addAll(metres, bar);
        map.addListener((o, was, is) -> show(is.scale()));
        show(map.getValue().scale());
    }

    private void show(double scale) {
        double length = LENGTHS[LENGTHS.length - 1];
        for (int i = LENGTHS.length - 1; i >= 0 && LENGTHS[i] * scale >= LEAST_PIXELS; i--) {
            length = LENGTHS[i];
        }
        metres.setText((int) length + " m");
        bar.setMinWidth(length * scale);
        bar.setPrefWidth(length * scale);
    }
}

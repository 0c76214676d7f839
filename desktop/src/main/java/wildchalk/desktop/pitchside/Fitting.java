package wildchalk.desktop.pitchside;

import javafx.scene.layout.VBox;

/** Lines one below the other. Where there is no room for all of them the last ones are not there, and none in half. */
class Fitting extends VBox {

    Fitting(String id, double apart) {
        super(apart);
        setId(id);
        getStyleClass().add(id);
        setMinHeight(0);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        getChildren().forEach(n -> n.setVisible(n.getLayoutY() + n.prefHeight(getWidth()) <= getHeight() + 1));
    }
}

package wildchalk.desktop.pitchside;

import javafx.scene.control.Label;

/** Who is where: what stands side by side and who does it, or who is in which group. */
final class PlacesPane extends Fitting {

    PlacesPane() {
        super("run-places", 4);
    }

    void fill(RunState state) {
        getChildren().clear();
        for (String place : RunWords.places(state)) {
            Label label = new Label(place);
            label.getStyleClass().add("run-place");
            label.setMinWidth(0);
            label.setMinHeight(USE_PREF_SIZE);
            getChildren().add(label);
        }
    }
}

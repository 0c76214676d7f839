package wildchalk.desktop.board;

import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;

/** The unit of lengths, how long the coach's own paces are, and how many cones fit in a hand. */
final class UnitsCard extends HBox {

    UnitsCard(BoardState state) {
        super(10);
        setId("units-card");
        getStyleClass().add("board-card");
        setAlignment(Pos.CENTER_LEFT);
        Label title = new Label("Lengths in");
        title.getStyleClass().add("card-heading");
        getChildren().add(title);
        ToggleGroup group = new ToggleGroup();
        for (Unit unit : Unit.values()) {
            ToggleButton button = new ToggleButton(unit.name().toLowerCase(Locale.ROOT));
            button.setId("unit-" + unit.sign());
            button.getStyleClass().add("pill");
            button.setToggleGroup(group);
            button.setSelected(state.unitsProperty().get().unit() == unit);
            button.setOnAction(e -> {
                button.setSelected(true);
                state.unitsProperty().set(new Units(unit, state.unitsProperty().get().pace()));
            });
            getChildren().add(button);
        }
        getChildren().add(Fields.length("pace", "my pace is", state.unitsProperty().get().pace(), Unit.METRES,
                metres -> state.unitsProperty().set(new Units(state.unitsProperty().get().unit(), metres))));
        getChildren().add(Fields.count("handful", "cones in a hand", state.sheets().handfulProperty().get(), 1, 60,
                n -> state.sheets().handfulProperty().set(n)));
    }
}

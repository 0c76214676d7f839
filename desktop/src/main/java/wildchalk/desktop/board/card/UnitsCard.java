package wildchalk.desktop.board.card;

import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/** The unit of lengths, how long the coach's own paces are, and how many cones fit in a hand. */
public final class UnitsCard extends HBox {

    public UnitsCard(BoardState state) {
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
            button.setSelected(state.viewing().unitsProperty().get().unit() == unit);
            button.setOnAction(e -> {
                button.setSelected(true);
                state.viewing()
                        .unitsProperty()
                        .set(new Units(
                                unit, state.viewing().unitsProperty().get().pace()));
            });
            getChildren().add(button);
        }
        getChildren()
                .add(Fields.length(
                        "pace",
                        "my pace is",
                        state.viewing().unitsProperty().get().pace(),
                        Unit.METRES,
                        metres -> state.viewing()
                                .unitsProperty()
                                .set(new Units(
                                        state.viewing().unitsProperty().get().unit(), metres))));
        getChildren()
                .add(Fields.count(
                        "handful",
                        "cones in a hand",
                        state.sheets().handfulProperty().get(),
                        1,
                        60,
                        n -> state.sheets().handfulProperty().set(n)));
    }
}

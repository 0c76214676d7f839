package wildchalk.desktop.board.hand;

import java.util.List;
import java.util.Locale;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import wildchalk.core.drill.Piece.Tape.Reading;

/** What the tape reads off, and whether it stays. */
final class TapeCard extends HBox {

    TapeCard(ObjectProperty<Reading> reading, Runnable pin, Runnable takeUp) {
        super(8);
        setId("tape-card");
        getStyleClass().add("board-card");
        setAlignment(Pos.CENTER_LEFT);
        Label title = new Label("Tape");
        title.getStyleClass().add("card-heading");
        getChildren().add(title);
        ToggleGroup group = new ToggleGroup();
        for (Reading r : List.of(Reading.LENGTH, Reading.ANGLE, Reading.AREA)) {
            ToggleButton button = new ToggleButton(r.name().toLowerCase(Locale.ROOT));
            button.setId("tape-" + button.getText());
            button.getStyleClass().add("pill");
            button.setToggleGroup(group);
            button.setSelected(reading.get() == r);
            button.setOnAction(e -> {
                button.setSelected(true);
                reading.set(r);
            });
            getChildren().add(button);
        }
        Button keep = new Button("Pin it  Enter");
        keep.setId("tape-pin");
        keep.setOnAction(e -> pin.run());
        Button away = new Button("Take it up  Esc");
        away.setId("tape-up");
        away.setOnAction(e -> takeUp.run());
        getChildren().addAll(keep, away);
    }
}

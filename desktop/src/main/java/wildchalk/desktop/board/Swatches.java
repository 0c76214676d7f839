package wildchalk.desktop.board;

import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import wildchalk.core.drill.Colour;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.desktop.paint.ScreenBrush;

/** The colours of gear, one of them chosen; each has its name, since a call can name it. */
final class Swatches extends HBox {

    Swatches(Colour chosen, Consumer<Colour> choose) {
        super(2);
        setAlignment(Pos.CENTER_LEFT);
        ToggleGroup group = new ToggleGroup();
        for (Colour colour : Colour.values()) {
            String name = colour.name().toLowerCase(Locale.ROOT);
            Circle dot = new Circle(8, ScreenBrush.colour(Look.SLATE, Ink.valueOf("CONE_" + colour.name())));
            dot.setStroke(Color.web("#1D2B2A"));
            ToggleButton button = new ToggleButton(null, dot);
            button.setId("colour-" + name);
            button.getStyleClass().add("swatch");
            button.setToggleGroup(group);
            button.setSelected(colour == chosen);
            button.setAccessibleText(name);
            button.setTooltip(new Tooltip(name));
            button.setOnAction(e -> {
                button.setSelected(true);
                choose.accept(colour);
            });
            getChildren().add(button);
        }
    }
}

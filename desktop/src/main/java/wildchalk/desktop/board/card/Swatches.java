package wildchalk.desktop.board.card;

import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.desktop.control.Badge;
import wildchalk.desktop.paint.ScreenBrush;

/** A row of small buttons with a picture each, one of them chosen; each has its name, since a call can name it. */
final class Swatches extends HBox {

    private final ToggleGroup group = new ToggleGroup();

    private Swatches() {
        super(2);
        setAlignment(Pos.CENTER_LEFT);
    }

    /** The colours of gear. */
    static Swatches colours(Colour chosen, Consumer<Colour> choose) {
        Swatches swatches = new Swatches();
        for (Colour colour : Colour.values()) {
            Circle dot = new Circle(8, ScreenBrush.colour(Look.SLATE, Ink.valueOf("CONE_" + colour.name())));
            dot.setStroke(Color.web("#1D2B2A"));
            swatches.add("colour-", colour, dot, colour == chosen, choose);
        }
        return swatches;
    }

    /** The teams, with a token of each. */
    static Swatches teams(Bib chosen, Consumer<Bib> choose) {
        Swatches swatches = new Swatches();
        for (Bib bib : Bib.values()) {
            Label token = Badge.of(new Piece.Player("", Vec.ZERO, 0, "", bib), 20);
            swatches.add("team-", bib, token, bib == chosen, choose);
        }
        return swatches;
    }

    private <E extends Enum<E>> void add(String prefix, E value, Node picture, boolean chosen, Consumer<E> choose) {
        String name = value.name().toLowerCase(Locale.ROOT);
        ToggleButton button = new ToggleButton(null, picture);
        button.setId(prefix + name);
        button.getStyleClass().add("swatch");
        button.setToggleGroup(group);
        button.setSelected(chosen);
        button.setAccessibleText(name);
        button.setTooltip(new Tooltip(name));
        button.setOnAction(e -> {
            button.setSelected(true);
            choose.accept(value);
        });
        getChildren().add(button);
    }
}

package wildchalk.desktop.control;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import wildchalk.core.geometry.Box;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** A button with a small picture and a name under it. */
public final class PictureButton extends ToggleButton {

    private static final double WIDTH = 36;
    private static final double HEIGHT = 20;

    public PictureButton(String id, String name, List<Shape> picture, Box room) {
        Canvas canvas = new Canvas(WIDTH, HEIGHT);
        ScreenBrush.forThumbnail(canvas, Look.PAPER, ScreenMap.fit(room, WIDTH, HEIGHT))
                .paint(picture);
        Label label = new Label(name);
        label.getStyleClass().add("picture-name");
        VBox face = new VBox(0, canvas, label);
        face.setAlignment(Pos.CENTER);
        face.setMouseTransparent(true);
        setGraphic(face);
        setId(id);
        setAccessibleText(name);
        setTooltip(new Tooltip(name));
        getStyleClass().add("picture-button");
        setFocusTraversable(true);
    }
}

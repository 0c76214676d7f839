package wildchalk.desktop.control;

import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Sample;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** A person's token, small, as it stands in text and beside rows. */
public final class Badge {

    private Badge() {}

    public static Label of(Piece.Person person, double size) {
        Canvas canvas = new Canvas(size, size);
        ScreenMap map = ScreenMap.fit(Box.around(Vec.ZERO, 2.5, 2.5), size, size);
        ScreenBrush.forThumbnail(canvas, Look.PAPER, map).paint(Sample.person(person));
        Label label = new Label(null, canvas);
        label.setAccessibleText(person.label());
        return label;
    }
}

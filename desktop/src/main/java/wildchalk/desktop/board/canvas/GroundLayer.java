package wildchalk.desktop.board.canvas;

import java.util.Map;
import javafx.scene.canvas.Canvas;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** The ground and what is marked on it, painted when it is seen otherwise. */
final class GroundLayer extends Canvas {

    /** What it shows. */
    private record Seen(String surface, Map<String, Double> sizes, ScreenMap map, Look look, boolean grid) {}

    private Seen shown;

    /** Paints all of it the next time. */
    void forget() {
        shown = null;
    }

    void show(BoardState state, ScreenMap map) {
        Seen wanted = new Seen(
                state.surface().id(),
                state.surface().sizes(),
                map,
                state.viewing().lookProperty().get(),
                state.viewing().aidsProperty().get().grid());
        if (!wanted.equals(shown)) {
            shown = wanted;
            ScreenBrush brush = new ScreenBrush(this, wanted.look(), map);
            brush.fillAll(Ink.AROUND);
            brush.paint(state.board().ground());
        }
    }
}

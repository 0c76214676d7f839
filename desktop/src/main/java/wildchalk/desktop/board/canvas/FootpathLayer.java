package wildchalk.desktop.board.canvas;

import javafx.scene.canvas.Canvas;
import wildchalk.core.flow.Footpaths;
import wildchalk.core.scene.FootpathShapes;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** Where people go between reps, while that is what the sheet is about. */
final class FootpathLayer extends Canvas {

    private final BoardState state;

    FootpathLayer(BoardState state) {
        this.state = state;
        setMouseTransparent(true);
    }

    void repaint(ScreenMap map) {
        ScreenBrush brush = new ScreenBrush(this, state.viewing().lookProperty().get(), map);
        brush.clear();
        setVisible(state.flow().wantedProperty().get());
        if (isVisible()) {
            double unit = state.board().frame().unit();
            brush.paint(FootpathShapes.of(Footpaths.of(state.stage(), state.timeline(), unit), unit));
        }
    }
}

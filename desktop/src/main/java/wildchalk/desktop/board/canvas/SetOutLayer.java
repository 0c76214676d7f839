package wildchalk.desktop.board.canvas;

import javafx.scene.canvas.Canvas;
import wildchalk.core.scene.SetOutShapes;
import wildchalk.core.setout.Sheet;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** The way of whoever puts the gear down. */
final class SetOutLayer extends Canvas {

    private final BoardState state;

    SetOutLayer(BoardState state) {
        this.state = state;
        setMouseTransparent(true);
    }

    void repaint(ScreenMap map) {
        ScreenBrush brush = new ScreenBrush(this, state.viewing().lookProperty().get(), map);
        brush.clear();
        Sheet sheet = state.sheets().sheetProperty().get();
        setVisible(state.sheets().wantedProperty().get() && sheet != null);
        if (isVisible()) {
            brush.paint(SetOutShapes.of(
                    sheet,
                    state.board().frame(),
                    state.selection().chosenProperty().get()));
        }
    }
}

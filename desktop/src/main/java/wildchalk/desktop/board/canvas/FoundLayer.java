package wildchalk.desktop.board.canvas;

import java.util.List;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import wildchalk.core.scene.AnswerShapes;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** Rings round who and what is meant by what was found, and how far apart they are. */
final class FoundLayer extends Canvas {

    private final BoardState state;
    private final ObservableValue<ScreenMap> map;

    FoundLayer(BoardState state, ObservableValue<ScreenMap> map) {
        this.state = state;
        this.map = map;
        setMouseTransparent(true);
        setVisible(false);
        map.addListener(o -> repaint());
        state.look().pointedProperty().addListener(o -> repaint());
        state.head().atProperty().addListener(o -> repaint());
        state.changesProperty().addListener(o -> repaint());
        state.viewing().lookProperty().addListener(o -> repaint());
    }

    private void repaint() {
        List<Shape> shapes = AnswerShapes.of(state.look().drawn(), state.board().frame());
        setVisible(!shapes.isEmpty());
        if (!shapes.isEmpty()) {
            ScreenBrush brush =
                    new ScreenBrush(this, state.viewing().lookProperty().get(), map.getValue());
            brush.clear();
            brush.paint(shapes);
        }
    }
}

package wildchalk.desktop.board;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.scene.AnswerShapes;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** The board dimmed at a freeze, with what matters left bright and, once it is told, the answer drawn. */
final class FreezeLayer extends Canvas {

    private final BoardState state;

    FreezeLayer(BoardState state) {
        this.state = state;
        setMouseTransparent(true);
        setVisible(false);
    }

    void repaint(ScreenMap map) {
        Optional<Freeze> freeze = state.focus().freeze(state.stage());
        setVisible(freeze.isPresent());
        freeze.ifPresent(f -> {
            ScreenBrush brush = new ScreenBrush(this, state.lookProperty().get(), map);
            brush.clear();
            brush.paint(shapes(f));
        });
    }

    private List<Shape> shapes(Freeze freeze) {
        boolean answered = state.focus().frozenProperty().get().filter(Focus.Frozen::answered).isPresent();
        return AnswerShapes.frozen(state.board(), freeze, state.stage(), state.timeline(), state.surface(), state.unitsProperty().get().unit(), answered);
    }
}

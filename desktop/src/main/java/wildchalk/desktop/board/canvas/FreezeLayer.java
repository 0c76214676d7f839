package wildchalk.desktop.board.canvas;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.scene.AnswerShapes;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.board.state.BoardModel;
import wildchalk.desktop.board.state.Focus;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** The board dimmed at a freeze, with what matters left bright and, once it is told, the answer drawn. */
final class FreezeLayer extends Canvas {

    private final BoardModel model;

    FreezeLayer(BoardModel model) {
        this.model = model;
        setMouseTransparent(true);
        setVisible(false);
    }

    void repaint(ScreenMap map) {
        Optional<Freeze> freeze = model.focus().freeze(model.stage());
        setVisible(freeze.isPresent());
        freeze.ifPresent(f -> {
            ScreenBrush brush =
                    new ScreenBrush(this, model.viewing().lookProperty().get(), map);
            brush.clear();
            brush.paint(shapes(f));
        });
    }

    private List<Shape> shapes(Freeze freeze) {
        boolean answered = model.focus()
                .frozenProperty()
                .get()
                .filter(Focus.Frozen::answered)
                .isPresent();
        return AnswerShapes.frozen(
                model.board(),
                freeze,
                model.stage(),
                model.timeline(),
                model.surface(),
                model.viewing().unitsProperty().get().unit(),
                answered);
    }
}

package wildchalk.desktop.board.canvas;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.canvas.Canvas;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.scene.DifferenceShapes;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.background.Newest;
import wildchalk.desktop.board.state.BoardModel;
import wildchalk.desktop.board.state.Shown;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** The rung that is shown laid over another: what is new, what has moved and from where, what is gone. */
final class DifferenceLayer extends Canvas {

    private final BoardModel model;
    private final Newest<Shown> working;
    private ScreenMap map;

    DifferenceLayer(BoardModel model, Consumer<String> announce) {
        this.model = model;
        this.working = new Newest<>(
                "comparing two rungs",
                this::found,
                trouble -> announce.accept("The two rungs could not be laid over each other."));
        setMouseTransparent(true);
        setVisible(false);
    }

    /** The other rung is worked out beside the window's thread. */
    void repaint(ScreenMap newMap) {
        map = newMap;
        Optional<String> over = model.focus().overProperty().get().filter(id -> model.drill().ladder().stream()
                .map(Rung::id)
                .anyMatch(id::equals));
        if (over.isEmpty()) {
            working.forget();
            setVisible(false);
            return;
        }
        Shown.Manner manner = model.manner();
        Stage stage = Ladder.build(model.drill(), over.get());
        working.ask(() -> Shown.of(stage, manner));
    }

    private void found(Shown found) {
        setVisible(true);
        ScreenBrush brush = new ScreenBrush(this, model.viewing().lookProperty().get(), map);
        brush.clear();
        List<Shape> shapes = new ArrayList<>(DifferenceShapes.under(found.board(), model.board()));
        shapes.addAll(DifferenceShapes.over(found.board(), model.board()));
        brush.paint(shapes);
    }
}

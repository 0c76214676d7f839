package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.scene.DifferenceShapes;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.beside.Newest;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** The rung that is shown laid over another: what is new, what has moved and from where, what is gone. */
final class DifferenceLayer extends Canvas {

    private final BoardState state;
    private final Newest<Shown> working;
    private ScreenMap map;

    DifferenceLayer(BoardState state) {
        this.state = state;
        this.working = new Newest<>("comparing two rungs", this::found, trouble -> state.say("The two rungs could not be laid over each other."));
        setMouseTransparent(true);
        setVisible(false);
    }

    /** The other rung is worked out beside the window's thread. */
    void repaint(ScreenMap newMap) {
        map = newMap;
        Optional<String> over = state.focus().overProperty().get().filter(id -> state.drill().ladder().stream().map(Rung::id).anyMatch(id::equals));
        if (over.isEmpty()) {
            working.forget();
            setVisible(false);
            return;
        }
        Shown.Manner manner = state.manner();
        Stage stage = Ladder.build(state.drill(), over.get());
        working.ask(() -> Shown.of(stage, manner));
    }

    private void found(Shown found) {
        setVisible(true);
        ScreenBrush brush = new ScreenBrush(this, state.lookProperty().get(), map);
        brush.clear();
        List<Shape> shapes = new ArrayList<>(DifferenceShapes.under(found.board(), state.board()));
        shapes.addAll(DifferenceShapes.over(found.board(), state.board()));
        brush.paint(shapes);
    }
}

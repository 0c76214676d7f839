package wildchalk.desktop.board.canvas;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.canvas.Canvas;
import wildchalk.core.edit.Placement;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Footpaths;
import wildchalk.core.scene.FootpathShapes;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/**
 * Where people go between reps, while that is what the sheet is about; and while many are looked at, the gear of the
 * other side and of copies.
 */
final class FootpathLayer extends Canvas {

    private final BoardState state;

    FootpathLayer(BoardState state) {
        this.state = state;
        setMouseTransparent(true);
    }

    void repaint(ScreenMap map) {
        ScreenBrush brush = new ScreenBrush(this, state.viewing().lookProperty().get(), map);
        brush.clear();
        boolean many = state.many().shownProperty().get();
        setVisible(state.flow().wantedProperty().get() || many);
        if (isVisible()) {
            double unit = state.board().frame().unit();
            brush.paint(FootpathShapes.of(Footpaths.of(state.stage(), state.timeline(), unit), unit));
        }
        if (many) {
            elsewhere()
                    .forEach(p -> brush.paint(state.board()
                            .gearElsewhere(i -> i.movedTo(p.place(i.at())).turnedTo(p.facing(i.facing())))));
        }
    }

    /** Where the drill is played besides where it is drawn: in copies, and on the other side. */
    private List<Placement> elsewhere() {
        List<Placement> all = new ArrayList<>();
        List<Placement> placed = state.flow().setting().placed();
        all.addAll(placed.subList(Math.min(1, placed.size()), placed.size()));
        state.many()
                .replay()
                .filter(r -> r.flow().reps().stream().anyMatch(x -> x.side() == Flow.Side.MIRRORED))
                .ifPresent(r -> all.add(Placement.OTHER_SIDE));
        return all;
    }
}

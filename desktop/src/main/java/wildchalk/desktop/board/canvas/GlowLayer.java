package wildchalk.desktop.board.canvas;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.Canvas;
import wildchalk.core.scene.Extent;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.board.state.BoardModel;
import wildchalk.desktop.board.state.Lights;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/**
 * What shines under the lines of what is under way. While the board plays only the lines that light up or go out are
 * painted: on a busy board something does so with every other frame.
 */
final class GlowLayer extends Canvas {

    /** Pixels round a line in which its edge is softened. */
    private static final double AROUND = 2;

    private final BoardModel model;
    private ScreenMap map;
    private Set<String> shown = Set.of();

    GlowLayer(BoardModel model) {
        this.model = model;
        setMouseTransparent(true);
    }

    /** Paints everything anew, as after a change of the drill or the view. */
    void repaint(ScreenMap newMap) {
        map = newMap;
        shown = Set.of();
        brush().clear();
        setVisible(false);
        change();
    }

    /** Brings what shines in step with the moment that is looked at. */
    void change() {
        Set<String> lit = model.viewing().settingOutProperty().get() ? Set.of() : Lights.of(model);
        if (lit.equals(shown) || map == null) {
            return;
        }
        Set<String> staying = new HashSet<>(shown);
        staying.retainAll(lit);
        Set<String> gone = new HashSet<>(shown);
        gone.removeAll(lit);
        Set<String> fresh = new HashSet<>(lit);
        fresh.removeAll(shown);
        ScreenBrush brush = brush();
        List<Shape> left = model.board().glow(staying);
        model.board().glow(gone).forEach(line -> putOut(line, left, brush));
        brush.paint(model.board().glow(fresh));
        shown = lit;
        // A layer with nothing on it would cost a frame all the same.
        setVisible(!shown.isEmpty());
    }

    private void putOut(Shape gone, List<Shape> left, ScreenBrush brush) {
        Rectangle2D part = pixels(gone);
        brush.anew(part, left.stream().filter(s -> part.intersects(pixels(s))).toList());
    }

    private Rectangle2D pixels(Shape shape) {
        return Extent.of(List.of(shape)).map(box -> map.pixels(box, AROUND)).orElse(Rectangle2D.EMPTY);
    }

    private ScreenBrush brush() {
        return new ScreenBrush(this, model.viewing().lookProperty().get(), map);
    }
}

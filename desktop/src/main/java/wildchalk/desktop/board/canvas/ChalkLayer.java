package wildchalk.desktop.board.canvas;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.Canvas;
import wildchalk.core.scene.Extent;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** Gear and lines: what stands still. Of an edit only the places are painted where something is another than before. */
final class ChalkLayer extends Canvas {

    /** Pixels round a shape in which its edge is softened. */
    private static final double AROUND = 2;
    /** With more than this share of all shapes changed it is quicker to paint everything. */
    private static final double MANY = 0.2;

    private ScreenMap map;
    private Look look;
    private List<Shape> shown = List.of();
    private int painted;

    void show(List<Shape> shapes, ScreenMap newMap, Look newLook) {
        painted++;
        Optional<List<Shape>> changed =
                newMap.equals(map) && newLook == look ? changed(shown, shapes) : Optional.empty();
        map = newMap;
        look = newLook;
        shown = shapes;
        ScreenBrush brush = new ScreenBrush(this, look, map);
        if (changed.filter(c -> c.size() <= shapes.size() * MANY).isPresent()) {
            changed.get().forEach(shape -> anew(pixels(shape), brush));
        } else {
            brush.clear();
            brush.paint(shapes);
        }
    }

    /** What only one of two pictures has; empty when one is not the other with some shapes taken out or put in. */
    static Optional<List<Shape>> changed(List<Shape> all, List<Shape> allNow) {
        int least = Math.min(all.size(), allNow.size());
        int start = 0;
        while (start < least && all.get(start).equals(allNow.get(start))) {
            start++;
        }
        int end = 0;
        while (end < least - start && all.get(all.size() - 1 - end).equals(allNow.get(allNow.size() - 1 - end))) {
            end++;
        }
        return changedBetween(all.subList(start, all.size() - end), allNow.subList(start, allNow.size() - end));
    }

    private static Optional<List<Shape>> changedBetween(List<Shape> was, List<Shape> is) {
        Set<Shape> gone = new HashSet<>(was);
        is.forEach(gone::remove);
        Set<Shape> fresh = new HashSet<>(is);
        was.forEach(fresh::remove);
        // What lies over what must be as before too.
        boolean sameOrder = was.stream()
                .filter(s -> !gone.contains(s))
                .toList()
                .equals(is.stream().filter(s -> !fresh.contains(s)).toList());
        List<Shape> both = new ArrayList<>(gone);
        both.addAll(fresh);
        return sameOrder ? Optional.of(both) : Optional.empty();
    }

    private void anew(Rectangle2D part, ScreenBrush brush) {
        brush.anew(part, shown.stream().filter(s -> part.intersects(pixels(s))).toList());
    }

    private Rectangle2D pixels(Shape shape) {
        return Extent.of(List.of(shape)).map(box -> map.pixels(box, AROUND)).orElse(Rectangle2D.EMPTY);
    }

    /** How often it was painted. */
    int painted() {
        return painted;
    }
}

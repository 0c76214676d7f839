package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Numbers;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** Where live play goes on: the edge of its area dotted, and how long in a corner; where anybody is is not drawn. */
final class PlayShapes {

    private static final Wordbook BOOK = Wordbook.beside(PlayShapes.class, "Live");

    private final Stage stage;
    private final Surface surface;
    private final Frame frame;
    private final double unit;

    PlayShapes(Stage stage, Surface surface, Frame frame) {
        this.stage = stage;
        this.surface = surface;
        this.frame = frame;
        this.unit = frame.unit();
    }

    private List<Vec> outline(PlayOn play) {
        Optional<List<Vec>> area =
                play.area().flatMap(stage.marked(surface)::zone).map(Surface.Zone::outline);
        return area.orElseGet(() -> corners(surface.bounds()));
    }

    private static List<Vec> corners(Box b) {
        return List.of(
                new Vec(b.x(), b.y()),
                new Vec(b.x() + b.width(), b.y()),
                new Vec(b.x() + b.width(), b.y() + b.height()),
                new Vec(b.x(), b.y() + b.height()));
    }

    /** The area, dotted, with how long it is played in. */
    List<Shape> of(PlayOn play) {
        List<Vec> edge = outline(play);
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Stroke(
                Curve.closed(edge), unit * 0.3, Ink.NOTE, List.of(unit * 0.05, unit * 0.75), false));
        shapes.add(new Shape.Label(corner(edge), words(play), unit * 1.1, Ink.NOTE));
        return shapes;
    }

    /** The area while it is played in. */
    Shape glow(PlayOn play) {
        return new Shape.Stroke(Curve.closed(outline(play)), unit * 0.9, Ink.GLOW, List.of(), false);
    }

    private static String words(PlayOn play) {
        return play.until().seconds().isPresent()
                ? BOOK.say("live.for", Numbers.plain(play.until().seconds().getAsDouble()))
                : BOOK.say("live");
    }

    /** Inside the corner that is lowest on the page, where no title stands. */
    private Vec corner(List<Vec> edge) {
        Vec right = frame.onPage(1, 0);
        Vec down = frame.onPage(0, 1);
        Vec low = edge.stream()
                .max((a, b) -> Double.compare(a.dot(down) + a.dot(right) * 0.01, b.dot(down) + b.dot(right) * 0.01))
                .orElse(Vec.ZERO);
        Vec middle = edge.stream().reduce(Vec.ZERO, Vec::plus).times(1.0 / Math.max(1, edge.size()));
        double aside = Math.signum(middle.minus(low).dot(right));
        return low.plus(right.times(aside * unit * 2.6)).plus(down.times(-unit));
    }
}

package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Numbers;
import wildchalk.core.rehearsal.Codes;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/**
 * Where live play goes on: a second edge within that of its area, and how long; where anybody is is not drawn. And what
 * the figures of a call say.
 */
final class PlayShapes {

    private static final Wordbook BOOK = Wordbook.beside(PlayShapes.class, "Live");

    /** How far within the edge the second one runs, and how far off the words stand, in token radii. */
    private static final double WITHIN = 0.5;

    private static final double BELOW = 1.1;

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

    /** The area with a second edge within, and how long it is played in. */
    List<Shape> of(PlayOn play) {
        List<Vec> edge = outline(play);
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Stroke(Curve.closed(inner(edge)), unit * 0.12, Ink.NOTE, List.of(), false));
        shapes.add(new Shape.Label(below(edge, play.area().isPresent()), words(play), unit * 1.1, Ink.NOTE));
        return shapes;
    }

    /** The figures of a call, each at the place that it says. */
    List<Shape> of(Game.Code code) {
        List<Shape> shapes = new ArrayList<>();
        for (Game.Part part : code.parts()) {
            for (int i = 0; i < part.figures(); i++) {
                // Beside gear; in a gap there is room.
                Vec off = part.gaps() ? Vec.ZERO : frame.onPage(0, -BELOW * unit);
                shapes.add(new Shape.Label(
                        Codes.place(stage, part, i).plus(off), Integer.toString(i + 1), unit * 0.9, Ink.NOTE));
            }
        }
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

    /** A little within an edge. */
    private List<Vec> inner(List<Vec> edge) {
        Vec middle = middle(edge);
        return edge.stream()
                .map(p -> p.minus(middle.minus(p).unit().times(-WITHIN * unit)))
                .toList();
    }

    private static Vec middle(List<Vec> edge) {
        return edge.stream().reduce(Vec.ZERO, Vec::plus).times(1.0 / Math.max(1, edge.size()));
    }

    /** Below the lower edge on the page, where nobody in the area is; within all of the surface, above it. */
    private Vec below(List<Vec> edge, boolean outside) {
        Vec down = frame.onPage(0, 1);
        double low = edge.stream().mapToDouble(p -> p.dot(down)).max().orElse(0);
        Vec middle = middle(edge);
        double off = outside ? BELOW * unit : -BELOW * unit;
        return middle.plus(down.times(low - middle.dot(down) + off));
    }
}

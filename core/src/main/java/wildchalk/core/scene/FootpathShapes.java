package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.flow.Footpaths.Footpath;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;

/** Where people go between reps, as dotted bows on the board, so that nobody takes them for runs. */
public final class FootpathShapes {

    /** How far a bow stands out, as a share of its length. */
    private static final double BOW = 0.18;

    private static final int PIECES = 24;

    private FootpathShapes() {}

    /** @param unit metres of a token's radius, as in {@link Frame#unit} */
    public static List<Shape> of(List<Footpath> paths, double unit) {
        List<Shape> shapes = new ArrayList<>();
        for (Footpath path : paths) {
            List<Vec> bow = bow(path.from(), path.to());
            for (int i = 0; i + 1 < bow.size(); i++) {
                shapes.add(new Shape.Stroke(
                        Curve.line(bow.get(i), bow.get(i).towards(bow.get(i + 1), 0.35)),
                        unit * (path.guess() ? 0.1 : 0.16),
                        Ink.NOTE,
                        List.of(),
                        false));
            }
            shapes.add(new Shape.Fill(Curve.circle(path.to(), unit * (path.guess() ? 0.2 : 0.3)), Ink.NOTE, false));
        }
        return shapes;
    }

    private static List<Vec> bow(Vec from, Vec to) {
        Vec way = to.minus(from);
        Vec out = way.quarterTurn().times(BOW);
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i <= PIECES; i++) {
            double k = (double) i / PIECES;
            points.add(from.plus(way.times(k)).plus(out.times(4 * k * (1 - k))));
        }
        return points;
    }
}

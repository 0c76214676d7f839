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

    /** From one dot to the next, in token radii; a way has no more dots than that. */
    private static final double APART = 0.6;

    private static final int MOST = 200;

    private FootpathShapes() {}

    /** @param unit metres of a token's radius, as in {@link Frame#unit} */
    public static List<Shape> of(List<Footpath> paths, double unit) {
        List<Shape> shapes = new ArrayList<>();
        for (Footpath path : paths) {
            double dot = unit * (path.guess() ? 0.08 : 0.13);
            // Dots, as far apart however long the way is: longer strokes would be those of a pass.
            for (Vec at : bow(path.from(), path.to(), unit * APART)) {
                shapes.add(new Shape.Fill(Curve.circle(at, dot), Ink.NOTE, false));
            }
            shapes.add(new Shape.Fill(Curve.circle(path.to(), unit * (path.guess() ? 0.2 : 0.3)), Ink.NOTE, false));
        }
        return shapes;
    }

    private static List<Vec> bow(Vec from, Vec to, double apart) {
        Vec way = to.minus(from);
        Vec out = way.quarterTurn().times(BOW);
        int pieces = (int) Math.max(2, Math.min(MOST, Math.round(way.length() / apart)));
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i <= pieces; i++) {
            double k = (double) i / pieces;
            points.add(from.plus(way.times(k)).plus(out.times(4 * k * (1 - k))));
        }
        return points;
    }
}

package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;

/** Puts beat numbers, and what is wrong, beside lines, where they hide least. */
final class Badges {

    private static final double[] PLACES = {0.5, 0.4, 0.6, 0.3, 0.7};
    /** How far from the line a number may stand, in units; nearer is better. */
    private static final double[] OFFSETS = {1.35, 2.2, 3.1};
    /** Enough room to be read, in units. */
    private static final double ROOM = 2.0;

    private static final double RADIUS = 0.82;
    /**
     * A number that is cut off at the edge of the picture is worth so little that it stands there only where all places
     * are.
     */
    private static final double CUT_OFF = 1e-3;

    private final Frame frame;
    private final double unit;
    private final List<Vec> taken;

    /** @param taken what must stay visible */
    Badges(Frame frame, List<Vec> taken) {
        this.frame = frame;
        this.unit = frame.unit();
        this.taken = new ArrayList<>(taken);
    }

    /** The number of a beat. */
    List<Shape> number(Route route, int number) {
        return on(route, Integer.toString(number), Ink.BADGE, Ink.BADGE_TEXT);
    }

    /** What cannot happen. */
    List<Shape> warning(Route route) {
        return on(route, "!", Ink.SIGNAL, Ink.ON_SIGNAL);
    }

    private List<Shape> on(Route route, String text, Ink ground, Ink letters) {
        Vec best = route.at(route.length() / 2);
        double most = -1;
        for (double offset : OFFSETS) {
            for (double place : PLACES) {
                double s = route.length() * place;
                for (int side = -1; side <= 1 && most < unit * ROOM; side += 2) {
                    Vec at = route.at(s).plus(Vec.polar(unit * offset * side, route.heading(s) + Math.PI / 2));
                    double room = room(at) * (isWhole(at) ? 1 : CUT_OFF);
                    if (room > most + 1e-9) {
                        most = room;
                        best = at;
                    }
                }
            }
        }
        taken.add(best);
        return List.of(
                new Shape.Fill(Curve.circle(best, unit * RADIUS), ground, false),
                new Shape.Label(best, text, unit * 1.05, letters));
    }

    private boolean isWhole(Vec at) {
        Vec corner = new Vec(unit * RADIUS, unit * RADIUS);
        return frame.view().contains(at.plus(corner)) && frame.view().contains(at.minus(corner));
    }

    private double room(Vec at) {
        // A busy board asks this a million times: thirty places for each number, and every corner of every line.
        double least = Double.MAX_VALUE;
        for (Vec other : taken) {
            double dx = other.x() - at.x();
            double dy = other.y() - at.y();
            least = Math.min(least, dx * dx + dy * dy);
        }
        return Math.sqrt(least);
    }
}

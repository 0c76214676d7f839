package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;

/** Puts beat numbers beside lines, where they hide least. */
final class Badges {

    private static final double[] PLACES = {0.5, 0.4, 0.6, 0.3, 0.7};
    /** How far from the line a number may stand, in units; nearer is better. */
    private static final double[] OFFSETS = {1.35, 2.2, 3.1};
    /** Enough room to be read, in units. */
    private static final double ROOM = 2.0;

    private final double unit;
    private final List<Vec> taken;

    /** @param taken what must stay visible */
    Badges(double unit, List<Vec> taken) {
        this.unit = unit;
        this.taken = new ArrayList<>(taken);
    }

    List<Shape> on(Route route, int number) {
        Vec best = route.at(route.length() / 2);
        double most = -1;
        for (double offset : OFFSETS) {
            for (double place : PLACES) {
                double s = route.length() * place;
                for (int side = -1; side <= 1 && most < unit * ROOM; side += 2) {
                    Vec at = route.at(s).plus(Vec.polar(unit * offset * side, route.heading(s) + Math.PI / 2));
                    if (room(at) > most + 1e-9) {
                        most = room(at);
                        best = at;
                    }
                }
            }
        }
        taken.add(best);
        return List.of(new Shape.Fill(Curve.circle(best, unit * 0.82), Ink.BADGE, false),
                new Shape.Label(best, Integer.toString(number), unit * 1.05, Ink.BADGE_TEXT));
    }

    private double room(Vec at) {
        return taken.stream().mapToDouble(at::distance).min().orElse(Double.MAX_VALUE);
    }
}

package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;

/** Puts beat numbers beside lines, where they hide least. */
final class Badges {

    private static final double[] PLACES = {0.5, 0.4, 0.6, 0.3, 0.7};

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
        for (double place : PLACES) {
            double s = route.length() * place;
            for (int side = -1; side <= 1; side += 2) {
                Vec at = route.at(s).plus(Vec.polar(unit * 1.35 * side, route.heading(s) + Math.PI / 2));
                double room = Math.min(room(at), unit * 2.4);
                if (room > most + 1e-9) {
                    most = room;
                    best = at;
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

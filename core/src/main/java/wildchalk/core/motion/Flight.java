package wildchalk.core.motion;

import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;

/**
 * A ball on its way from a release to where it is met.
 *
 * @param way from where to where, and where it comes off a wall in between
 */
public record Flight(String action, List<Vec> way, double start, double end, BallMotion motion) {

    public Flight {
        way = List.copyOf(way);
    }

    /** Where it comes to rest. */
    public Vec to() {
        return way.get(way.size() - 1);
    }

    /** How fast it goes on along the ground when it is there, m/s. */
    public double arrivesWith() {
        return motion.arrivesWith(Ruler.length(way));
    }

    /** When it meets the wall that it comes off, to 10⁻⁶ s; empty when it goes straight. */
    public Optional<Double> meetsWall() {
        if (way.size() < 3) {
            return Optional.empty();
        }
        double first = way.get(0).distance(way.get(1));
        double whole = Ruler.length(way);
        return Optional.of(start + Halving.begin(t -> motion.gone(t, whole) >= first, 0, end - start, 1e-6));
    }

    /** Where it is at a time, seconds; at its ends before and after. */
    public Vec at(double time) {
        double distance = Ruler.length(way);
        if (time >= end || distance == 0) {
            return to();
        }
        double left = Math.min(1, motion.gone(Math.max(0, time - start), distance) / distance) * distance;
        for (int i = 0; i + 1 < way.size(); i++) {
            double side = way.get(i).distance(way.get(i + 1));
            if (left <= side) {
                return side == 0 ? way.get(i) : way.get(i).towards(way.get(i + 1), left / side);
            }
            left -= side;
        }
        return to();
    }
}

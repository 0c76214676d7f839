package wildchalk.core.check.rep;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.motion.BallMotion;
import wildchalk.core.motion.Lob;

/**
 * A ball on its way.
 *
 * @param by what sent it
 * @param ball its id
 * @param way from where to where it flies, by a wall where it comes off one
 * @param from seconds after the whistle
 * @param to when it gets there
 * @param motion how it goes
 */
public record BallFlight(Action.Delivery by, String ball, List<Vec> way, double from, double to, BallMotion motion) {

    /** A ball that is thrown or kicked leaves from about so high, metres; assumed. */
    private static final double HANDS = 1;

    /** Whether it is aimed at a goal or a target. */
    public boolean isShot() {
        return by instanceof Action.Shot;
    }

    /** Whom it is for. */
    public Optional<String> receiver() {
        return by.receiver();
    }

    /** Metres of its way. */
    public double length() {
        return Ruler.length(way);
    }

    /** How fast it goes over the ground on the whole, m/s. */
    public double speed() {
        return length() / Math.max(1e-9, to - from);
    }

    /** How high it is at a time, metres, as far as that is known: what is not lobbed stays where hands are. */
    public double height(double t) {
        if (!(motion instanceof Lob lob) || to <= from) {
            return HANDS;
        }
        double share = Math.max(0, Math.min(1, (t - from) / (to - from)));
        return HANDS + length() * Math.tan(lob.angle()) * share * (1 - share);
    }

    /** Where it lands or is met. */
    public Vec end() {
        return way.get(way.size() - 1);
    }

    /** Where it comes from. */
    public Vec start() {
        return way.get(0);
    }
}

package wildchalk.core.motion;

import java.util.List;
import wildchalk.core.drill.Going;
import wildchalk.core.geometry.Cornering;
import wildchalk.core.geometry.Vec;

/** The room that somebody needs who is on the move when they are sent elsewhere. */
public final class Redirection {

    /** Who sets out faster by more than this than they can brake for what is ahead runs on past it first, m/s. */
    public static final double TOO_FAST = 0.3;

    /** What is off the way by less than this is right ahead, in radians. */
    private static final double AHEAD = Math.toRadians(3);
    /** A turn sharper than this is one right back, in radians. */
    private static final double SHARPEST = Math.PI * 0.95;

    private Redirection() {}

    /**
     * Somebody at speed who is sent another way needs room: they go on for as far as it takes to brake for whatever
     * turn there is, and turn there; empty for who need not.
     *
     * @param next the first place that they are sent to
     * @param top how fast they are to go there at most, m/s
     */
    public static List<Vec> entry(Stretch.Moving moving, Vec next, Speeds theirs, double top) {
        Vec at = moving.at();
        Vec velocity = moving.velocity();
        double speed = velocity.length();
        if (speed < 0.1 || next.distance(at) < 1e-6) {
            return List.of();
        }
        double turn = Math.abs(Math.atan2(velocity.cross(next.minus(at)), velocity.dot(next.minus(at))));
        if (turn < AHEAD) {
            return List.of();
        }
        Cornering cornering = theirs.cornering(Going.Corner.CUT, Math.max(top, speed));
        double tan = Math.tan(Math.min(turn, SHARPEST) / 2);
        double room = next.distance(at) / 2;
        double reach = Math.min(cornering.radius(Math.min(turn, SHARPEST)) * tan, room);
        double left = Math.sqrt(theirs.grip() * cornering.grip() * reach / tan);
        double brake = Math.max(0, speed * speed - left * left) / (2 * theirs.brake());
        return List.of(at.plus(velocity.unit().times(brake + reach)));
    }

    /** Who cannot brake any more for what is right ahead runs on past it, comes to rest, and comes back. */
    public static List<Vec> beyond(Stretch.Moving moving, Speeds theirs) {
        double speed = moving.velocity().length();
        return List.of(moving.at().plus(moving.velocity().unit().times(speed * speed / (2 * theirs.brake()))));
    }
}

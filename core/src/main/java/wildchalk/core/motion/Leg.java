package wildchalk.core.motion;

import java.util.function.DoubleFunction;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;

/**
 * One stretch of a body's movement: a travel, or part of a longer run.
 *
 * @param start seconds on the stage's clock
 * @param end seconds on the stage's clock; before the profile's own end when something cut it short
 * @param origin when the profile begins, on the stage's clock
 * @param turned radians between where the body goes and where it faces
 * @param pivot how the body turns as it begins
 * @param watched where what the nose is kept on is at a time; null when the body faces as it goes
 */
public record Leg(
        double start,
        double end,
        double origin,
        Route route,
        SpeedProfile profile,
        double turned,
        Pivot pivot,
        DoubleFunction<Vec> watched)
        implements Stretch {

    /**
     * A turn of the body on the move.
     *
     * @param by how far it has to turn, radians; clockwise on the page is more
     * @param seconds how long that takes
     */
    public record Pivot(double by, double seconds) {

        /** Faces at once as it goes. */
        public static final Pivot NONE = new Pivot(0, 0);

        /** What is left to turn so many seconds after its beginning, radians. */
        double left(double since) {
            return seconds == 0 || since >= seconds ? 0 : by * (1 - Math.max(0, since) / seconds);
        }
    }

    @Override
    public Vec at(double time) {
        return route.at(profile.gone(time - origin));
    }

    @Override
    public Pose pose(double time) {
        double metres = profile.gone(time - origin);
        Vec at = route.at(metres);
        Vec look = watched == null ? Vec.ZERO : watched.apply(time).minus(at);
        double facing = look.length() > 0.01
                ? look.angle()
                : route.heading(metres) + turned + route.spun(metres) - pivot.left(time - start);
        return new Pose(at, facing);
    }

    @Override
    public Vec velocity(double time) {
        return route.direction(profile.gone(time - origin)).times(profile.speed(time - origin));
    }

    @Override
    public Moving moving(double time) {
        double metres = profile.gone(time - origin);
        return new Moving(route.at(metres), route.direction(metres).times(profile.speed(time - origin)));
    }

    @Override
    public Leg cutAt(double time) {
        return new Leg(start, Math.min(end, time), origin, route, profile, turned, pivot, watched);
    }
}

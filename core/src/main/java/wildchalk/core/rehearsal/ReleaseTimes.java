package wildchalk.core.rehearsal;

import java.util.OptionalDouble;
import java.util.function.DoublePredicate;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.BallMotion;
import wildchalk.core.motion.Halving;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Speeds;
import wildchalk.core.surface.Surface;

/** When a pass is let go so that ball and runner come to a place together. */
final class ReleaseTimes {

    /** So near a ball that is to be met is let go to the right moment, seconds. */
    private static final double AIMED = 1e-6;

    /** So often it is looked where a runner is when the ball comes; each time comes some ten times nearer. */
    private static final int CLOSER = 4;

    /** Who shoots at a ring on the run gathers the ball when they are no farther from it than this, metres; assumed. */
    private static final double LAYS_UP_WITHIN = 6;
    /** Who is faster than this shoots on the run, m/s; assumed. */
    private static final double ON_THE_RUN = 1.5;

    private final Meetings meetings;
    private final Bodies bodies;
    private final Speeds speeds;
    private final BallWays ways;
    private final Surface surface;
    private final Places places;

    ReleaseTimes(Meetings meetings, Bodies bodies, Speeds speeds, BallWays ways, Surface surface, Places places) {
        this.surface = surface;
        this.places = places;
        this.meetings = meetings;
        this.bodies = bodies;
        this.speeds = speeds;
        this.ways = ways;
    }

    /**
     * When a pass is let go so that it is met on a line: as late as will do, at once when it comes too late anyway.
     *
     * @param from when it can leave at the earliest, seconds
     * @param there when the runner is at the place
     */
    double letsGo(Action.Pass pass, double from, double there) {
        DoublePredicate inTime = release -> comes(pass, release, there) >= there;
        return inTime.test(from) || there <= from ? from : Halving.begin(inTime, from, there, AIMED);
    }

    /** When the runner is where a pass is met, if they are on a run that leads there. */
    OptionalDouble there(Action.Pass pass) {
        return meetings.there(pass, bodies.running(pass.receiver().orElseThrow()));
    }

    /** When a ball that leaves at a time comes to where its receiver is at another. */
    private double comes(Action.Pass pass, double release, double there) {
        Vec to = bodies.track(pass.receiver().orElseThrow()).at(there);
        PersonTrack passer = bodies.track(pass.who());
        BallMotion motion = speeds.forPerson(pass.who()).motion(pass, Speeds.Met.ON_ITS_WAY);
        return release + motion.time(ways.length(pass, passer.at(release), to));
    }

    /** When a pass is met on a line as it was drawn; NaN for one that is sent to wherever somebody is. */
    double meets(Delivery delivery, double release) {
        if (!meetings.isMet(delivery)) {
            return Double.NaN;
        }
        Action.Pass pass = (Action.Pass) delivery;
        double there = there(pass).orElse(Double.NaN);
        boolean met = meetings.isWaitedFor(pass.id()) || Meetings.together(comes(pass, release, there), there);
        return met ? taken(pass, release, there) : Double.NaN;
    }

    /** A ball that is a moment late is sent to where its runner is by then. */
    private double taken(Action.Pass pass, double release, double there) {
        double taken = there;
        for (int i = 0; i < CLOSER && comes(pass, release, taken) > taken; i++) {
            taken = comes(pass, release, taken);
        }
        return taken;
    }

    /** How long a ball is had before it leaves again, seconds. */
    double handling(Delivery delivery, double time) {
        Speeds.Takes takes = speeds.forPerson(delivery.who()).takes();
        return isLayUp(delivery, time) ? Math.max(takes.gather(), takes.before(delivery)) : takes.before(delivery);
    }

    /** Whether somebody shoots at a ring near by as they run: the ball is gathered on two steps first. */
    private boolean isLayUp(Delivery delivery, double time) {
        PersonTrack track = bodies.track(delivery.who());
        return delivery instanceof Action.Shot
                && delivery.to() instanceof Spot.AtTarget t
                && surface.target(t.target())
                        .filter(x -> x.shape() == Surface.Target.Shape.BASKET)
                        .isPresent()
                && track.velocity(time).length() > ON_THE_RUN
                && places.of(delivery.to()).distance(track.at(time)) <= LAYS_UP_WITHIN;
    }
}

package wildchalk.core.ask;

import java.util.Comparator;
import java.util.List;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Speeds;
import wildchalk.core.timeline.Play;

/**
 * Who is sooner at a place from one moment on, when all sprint straight there: sooner in time, which is not always
 * nearer.
 *
 * @param runners the soonest first
 */
public record Race(Vec to, List<Runner> runners) {

    /** Over how long somebody's speed is looked at, seconds. */
    private static final double LOOK = 0.05;

    /**
     * @param metres away from the place
     * @param seconds to get there, with the speed they have that way already
     */
    public record Runner(Piece.Person who, Vec from, double metres, double seconds) {}

    public Race {
        runners = List.copyOf(runners);
    }

    /**
     * How soon people could each be at a place.
     *
     * @param to in metres on the surface
     * @param speeds how fast people are there
     * @param t seconds after the whistle at which they set out, as they move then
     */
    public static Race of(Vec to, List<Piece.Person> people, Play play, Speeds speeds, double t) {
        return new Race(
                to,
                people.stream()
                        .map(p -> runner(p, to, play, speeds, t))
                        .sorted(Comparator.comparingDouble(Runner::seconds))
                        .toList());
    }

    private static Runner runner(Piece.Person who, Vec to, Play play, Speeds speeds, double t) {
        Pose now = play.pose(who.id(), t);
        Vec velocity = now.at().minus(play.at(who.id(), Math.max(0, t - LOOK))).times(1 / LOOK);
        double metres = now.at().distance(to);
        double speed = metres < 1e-9 ? 0 : velocity.dot(to.minus(now.at()).unit());
        return new Runner(who, now.at(), metres, speeds.forPerson(who.id()).sprintTime(metres, speed));
    }
}

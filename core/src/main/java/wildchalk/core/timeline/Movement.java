package wildchalk.core.timeline;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Vec;

/**
 * What one person does with their legs in a rep, read off twenty times a second.
 *
 * @param distance metres
 * @param topSpeed m/s
 * @param moving seconds at more than half a metre per second
 */
public record Movement(double distance, double topSpeed, double moving) {

    private static final double EVERY = 0.05;
    private static final double MOVES = 0.5;

    /**
     * How near two people come.
     *
     * @param metres the least distance between their middles
     * @param t when, seconds
     * @param atFirst how far apart they are at the whistle
     * @param atLast how far apart they are when all is over
     */
    public record Nearest(double metres, double t, double atFirst, double atLast) {}

    /** From the whistle to the last event. */
    public static Movement of(Play play, String person) {
        double distance = 0;
        double top = 0;
        double moving = 0;
        Vec before = play.at(person, 0);
        double end = play.duration();
        for (double t = 0; t < end; t += EVERY) {
            double dt = Math.min(EVERY, end - t);
            Vec at = play.at(person, t + dt);
            double gone = at.distance(before);
            distance += gone;
            top = Math.max(top, gone / dt);
            moving += gone / dt > MOVES ? dt : 0;
            before = at;
        }
        return new Movement(distance, top, moving);
    }

    /**
     * How near two people come, by their ids.
     *
     * @throws IllegalArgumentException when nobody has one of them
     */
    public static Nearest nearest(Play play, String one, String other) {
        double least = apart(play, one, other, 0);
        double when = 0;
        for (double t = EVERY; t <= play.duration(); t += EVERY) {
            double d = apart(play, one, other, t);
            if (d < least) {
                least = d;
                when = t;
            }
        }
        return new Nearest(least, when, apart(play, one, other, 0), apart(play, one, other, play.duration()));
    }

    /** How far apart two people are, metres, from the whistle on, every so many seconds. */
    public static List<Double> spacing(Play play, String one, String other, double every) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i * every <= play.duration(); i++) {
            all.add(apart(play, one, other, i * every));
        }
        return all;
    }

    private static double apart(Play play, String one, String other, double t) {
        return play.at(one, t).distance(play.at(other, t));
    }
}

package wildchalk.core.check.rep;

import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.IntFunction;
import wildchalk.core.geometry.Vec;

/**
 * The moment at which somebody is nearest to somebody or something.
 *
 * @param t seconds after the whistle
 * @param metres from middle to middle
 * @param closing how fast they move against each other, m/s
 */
public record Near(double t, double metres, double closing) {

    private static final double FINE = 0.01;

    /**
     * The first time that two come nearer than something at some speed; empty when they never do.
     *
     * @param within metres
     * @param closing m/s at least
     */
    public static Optional<Near> bodies(Rep rep, Track a, Track b, double within, double closing) {
        return first(
                a.looks(),
                k -> a.at(k).minus(b.at(k)),
                t -> rep.timeline().at(a.id(), t).minus(rep.timeline().at(b.id(), t)),
                a.fastest() + b.fastest(),
                new Near(0, within, closing));
    }

    /** The same of somebody and a place. */
    public static Optional<Near> place(Rep rep, Track a, Vec place, double within, double closing) {
        return first(
                a.looks(),
                k -> a.at(k).minus(place),
                t -> rep.timeline().at(a.id(), t).minus(place),
                a.fastest(),
                new Near(0, within, closing));
    }

    private static Optional<Near> first(
            int looks, IntFunction<Vec> between, DoubleFunction<Vec> exactly, double fastest, Near wanted) {
        if (fastest < wanted.closing) {
            return Optional.empty();
        }
        double step = fastest * Track.STEP;
        int k = 0;
        while (k + 1 < looks) {
            Vec before = between.apply(k);
            double apart = before.length() - wanted.metres;
            if (apart > step) {
                k += Math.max(1, (int) (apart / step));
                continue;
            }
            Vec after = between.apply(k + 1);
            double closing = after.distance(before) / Track.STEP;
            if (closing >= wanted.closing && Vec.ZERO.distanceToStretch(before, after) < wanted.metres) {
                Near near = exact(k * Track.STEP, exactly, closing);
                if (near.metres < wanted.metres) {
                    return Optional.of(near);
                }
            }
            k++;
        }
        return Optional.empty();
    }

    /** Looked at every hundredth of a second from a look on, until they go apart again. */
    private static Near exact(double from, DoubleFunction<Vec> exactly, double closing) {
        double t = Math.max(0, from - Track.STEP);
        double best = exactly.apply(t).length();
        double when = t;
        int rising = 0;
        for (int i = 1; i <= 100 && rising < 15; i++) {
            double at = t + i * FINE;
            double d = exactly.apply(at).length();
            if (d < best - 1e-9) {
                best = d;
                when = at;
                rising = 0;
            } else {
                rising++;
            }
        }
        return new Near(when, best, closing);
    }
}

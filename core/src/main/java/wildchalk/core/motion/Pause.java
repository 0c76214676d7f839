package wildchalk.core.motion;

import java.util.List;

/**
 * Time that is lost on the way: a feint, somebody in the way.
 *
 * @param at metres along the route
 * @param seconds that are lost, at least 0
 */
public record Pause(double at, double seconds) {

    /** How far before and after it a body is slower for it, metres; assumed. */
    private static final double AROUND = 0.8;

    /** How much of it is lost so many metres along the route, seconds. */
    double lost(double metres) {
        double k = share(metres);
        return seconds * k * k * (3 - 2 * k);
    }

    /** How much more time each metre takes there, seconds per metre. */
    double slower(double metres) {
        double k = share(metres);
        return seconds * 6 * k * (1 - k) / (2 * AROUND);
    }

    private double share(double metres) {
        return Math.max(0, Math.min(1, (metres - at + AROUND) / (2 * AROUND)));
    }

    /** The same kept off the ends of a route of that length, where there is room. */
    public Pause within(double length) {
        double off = Math.min(AROUND, length / 2);
        return new Pause(Math.max(off, Math.min(length - off, at)), seconds);
    }

    static double lost(List<Pause> pauses, double metres) {
        double sum = 0;
        for (Pause pause : pauses) {
            sum += pause.lost(metres);
        }
        return sum;
    }

    static double slower(List<Pause> pauses, double metres) {
        double sum = 0;
        for (Pause pause : pauses) {
            sum += pause.slower(metres);
        }
        return sum;
    }
}

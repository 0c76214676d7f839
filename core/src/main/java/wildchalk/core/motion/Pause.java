package wildchalk.core.motion;

import java.util.List;

/**
 * Time that is lost on the way: a feint, somebody in the way.
 *
 * @param at metres along the route
 * @param seconds that are lost, at least 0
 * @param around how far before and after it a body is slower for it, metres
 */
public record Pause(double at, double seconds, double around) {

    /** The least room that a body needs to be slower and fast again, metres; assumed. */
    private static final double LEAST = 0.8;

    /** One that is not suited to a speed yet. */
    public Pause(double at, double seconds) {
        this(at, seconds, LEAST);
    }

    /** The same as a body does it that comes at a speed on a route of a length: it brakes no harder than it can. */
    Pause suited(double speed, double brake, double length) {
        double middle = Math.max(Math.min(LEAST, length / 2), Math.min(length - Math.min(LEAST, length / 2), at));
        double wanted = Math.max(LEAST, speed * speed / (2 * brake));
        return new Pause(middle, seconds, Math.max(1e-3, Math.min(wanted, Math.min(middle, length - middle))));
    }

    /** How much of it is lost so many metres along the route, seconds. */
    private double lost(double metres) {
        double k = share(metres);
        return seconds * k * k * (3 - 2 * k);
    }

    /** How much more time each metre takes there, seconds per metre. */
    private double slower(double metres) {
        double k = share(metres);
        return seconds * 6 * k * (1 - k) / (2 * around);
    }

    private double share(double metres) {
        return Math.max(0, Math.min(1, (metres - at + around) / (2 * around)));
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

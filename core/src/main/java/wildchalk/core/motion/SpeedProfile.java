package wildchalk.core.motion;

import java.util.Arrays;
import java.util.List;
import wildchalk.core.geometry.Rising;
import wildchalk.core.geometry.Route;

/**
 * How a body goes along a route. The speed is capped by the gait and, in bends, by √(grip / curvature); it rises as
 * dv/dt = (top − v)/settle and falls no faster than the brake before a bend or a stop. On a straight from rest this is
 * x(t) = top·(t − settle·(1 − e^(−t/settle))), exactly at the nodes.
 */
public final class SpeedProfile {

    /** Longest stretch worked out as one, in metres. */
    private static final double STEP = 0.5;

    private static final int LEAST_STEPS = 16;
    /** As many times finer is a route worked out on which time is lost. */
    private static final int FINER = 4;
    /** Halley's last step, in seconds; what is left is its cube, about: under 10⁻⁷ s. */
    private static final double LAST_STEP = 1e-3;

    private final double[] s;
    private final double[] t;
    private final double[] v;
    private final double tooFast;

    /**
     * @param tops top speed of each section of the route, m/s
     * @param startSpeed m/s
     * @param stops whether the body stands at the end
     */
    public SpeedProfile(Route route, double[] tops, double startSpeed, boolean stops, Speeds speeds) {
        this(route, tops, startSpeed, stops, speeds, List.of());
    }

    /** @param pauses where time is lost besides */
    public SpeedProfile(
            Route route, double[] tops, double startSpeed, boolean stops, Speeds speeds, List<Pause> pauses) {
        s = nodes(route, pauses);
        int n = s.length;
        double[] limit = new double[n];
        double[] top = new double[n];
        caps(route, tops, speeds.grip(), limit, top);
        limit[n - 1] = stops ? 0 : limit[n - 1];
        for (int i = n - 2; i >= 0; i--) {
            double ds = s[i + 1] - s[i];
            limit[i] = Math.min(limit[i], Math.sqrt(limit[i + 1] * limit[i + 1] + 2 * speeds.brake() * ds));
        }
        tooFast = startSpeed - limit[0];
        t = new double[n];
        v = new double[n];
        v[0] = startSpeed;
        for (int i = 0; i + 1 < n; i++) {
            step(i, limit, top, speeds);
        }
        lose(pauses, speeds.brake());
    }

    /** The same places later, and slower where the time is lost. */
    private void lose(List<Pause> pauses, double brake) {
        if (pauses.isEmpty()) {
            return;
        }
        double length = s[s.length - 1];
        List<Pause> suited = pauses.stream()
                .map(p ->
                        p.suited(v[Math.min(s.length - 1, Rising.stretch(s, Math.min(p.at(), length)))], brake, length))
                .toList();
        for (int i = 0; i < s.length; i++) {
            t[i] += Pause.lost(suited, s[i]);
            v[i] = v[i] / (1 + v[i] * Pause.slower(suited, s[i]));
        }
    }

    private void step(int i, double[] limit, double[] top, Speeds speeds) {
        double ds = s[i + 1] - s[i];
        if (ds == 0) {
            t[i + 1] = t[i];
            v[i + 1] = v[i];
            return;
        }
        double settle = speeds.settle();
        double vTop = Math.max(top[i], top[i + 1]);
        double dt = freeTime(ds, v[i], vTop, settle);
        double free = vTop - (vTop - v[i]) * Math.exp(-dt / settle);
        double hardest = Math.sqrt(Math.max(0, v[i] * v[i] - 2 * speeds.brake() * ds));
        double allowed = Math.max(limit[i + 1], hardest);
        if (free > allowed) {
            dt = 2 * ds / (v[i] + allowed);
            free = allowed;
        }
        t[i + 1] = t[i] + dt;
        v[i + 1] = free;
    }

    /**
     * Solves ds = top·t − settle·(top − v)·(1 − e^(−t/settle)) for t by Halley's method, from what the acceleration at
     * the start would give.
     */
    static double freeTime(double ds, double v, double top, double settle) {
        double acceleration = (top - v) / settle;
        double time = 2 * ds / (v + Math.sqrt(Math.max(0, v * v + 2 * acceleration * ds)));
        for (int k = 0; k < 30; k++) {
            double e = Math.exp(-time / settle);
            double speed = top - (top - v) * e;
            double newton = (top * time - settle * (top - v) * (1 - e) - ds) / speed;
            double change = newton / (1 - newton * acceleration * e / (2 * speed));
            time -= change;
            if (Math.abs(change) < LAST_STEP) {
                break;
            }
        }
        return time;
    }

    private static double[] nodes(Route route, List<Pause> pauses) {
        double[] result = new double[16];
        int count = 0;
        double step = Math.max(1e-9, Math.min(STEP, route.length() / LEAST_STEPS));
        for (int i = 0; i + 1 < route.nodes(); i++) {
            double a = route.along(i);
            double b = route.along(i + 1);
            boolean fine = !pauses.isEmpty() && (b - a) / step > 1;
            int pieces = Math.max(1, (int) Math.ceil((b - a) / (fine ? step / FINER : step) - 1e-9));
            if (count + pieces + 1 > result.length) {
                result = Arrays.copyOf(result, Math.max(2 * result.length, count + pieces + 1));
            }
            for (int k = 0; k < pieces; k++) {
                result[count++] = a + (b - a) * k / pieces;
            }
        }
        result[count++] = route.length();
        return Arrays.copyOf(result, count);
    }

    private void caps(Route route, double[] tops, double grip, double[] limit, double[] top) {
        int corner = 0;
        int section = 0;
        for (int i = 0; i < s.length; i++) {
            while (corner + 1 < route.nodes() && route.along(corner + 1) <= s[i] + 1e-9) {
                corner++;
            }
            while (section + 1 < tops.length && s[i] > route.sectionEnd(section) + 1e-9) {
                section++;
            }
            boolean onCorner = Math.abs(route.along(corner) - s[i]) < 1e-9;
            double bend = onCorner ? route.bendAt(corner) : route.bendAfter(corner);
            top[i] = tops[section];
            // Only bends hold a body back by force; a gait's top speed is what it settles to.
            limit[i] = bend > 0 ? Math.sqrt(grip / bend) : Double.POSITIVE_INFINITY;
        }
    }

    /**
     * By how much somebody sets out faster than they can brake for what the route has in store, m/s; negative if not.
     */
    public double tooFast() {
        return tooFast;
    }

    /** Seconds for the whole route. */
    public double duration() {
        return t[t.length - 1];
    }

    /** Metres per second at its end. */
    public double endSpeed() {
        return v[v.length - 1];
    }

    /** Metres gone after {@code time} seconds. */
    public double gone(double time) {
        if (time <= 0) {
            return 0;
        }
        if (time >= duration()) {
            return s[s.length - 1];
        }
        int i = Rising.stretch(t, time);
        double h = t[i + 1] - t[i];
        double k = (time - t[i]) / h;
        double k2 = k * k;
        double k3 = k2 * k;
        return (2 * k3 - 3 * k2 + 1) * s[i]
                + (k3 - 2 * k2 + k) * h * v[i]
                + (3 * k2 - 2 * k3) * s[i + 1]
                + (k3 - k2) * h * v[i + 1];
    }

    /** Speed after {@code time} seconds, m/s. */
    public double speed(double time) {
        if (time >= duration()) {
            return endSpeed();
        }
        int i = Rising.stretch(t, Math.max(0, time));
        double h = t[i + 1] - t[i];
        return h == 0 ? v[i] : v[i] + (v[i + 1] - v[i]) * (time - t[i]) / h;
    }

    /** Seconds until {@code metres} are gone. */
    public double timeAt(double metres) {
        if (metres >= s[s.length - 1] - 1e-9) {
            return duration();
        }
        int i = Rising.stretch(s, metres);
        double low = t[i];
        double high = t[i + 1];
        for (int k = 0; k < 50; k++) {
            double middle = (low + high) / 2;
            if (gone(middle) < metres) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}

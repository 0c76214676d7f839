package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicLongArray;
import wildchalk.core.geometry.Vec;

/** Where one person is at any time. */
public final class PersonTrack {

    private final Pose first;
    private final List<Stretch> stretches = new ArrayList<>();
    private final NavigableMap<Double, Posture> postures = new TreeMap<>();
    /** Where they should face step by step, as far as anybody has asked; on whichever thread. */
    private volatile Looked looked;

    /** Somebody who stands until they are sent somewhere. */
    public PersonTrack(Pose first) {
        this.first = first;
    }

    /** Is so low from a time on, seconds; what was known of later is forgotten. */
    public void is(Posture posture, double from) {
        postures.tailMap(from, true).clear();
        postures.put(from, posture);
    }

    /** From when on they are how low, seconds, in order; empty for who is up all the while. */
    public Map<Double, Posture> postures() {
        return Collections.unmodifiableMap(postures);
    }

    /** How low they are at a time, seconds. */
    public Posture posture(double time) {
        Map.Entry<Double, Posture> last = postures.isEmpty() ? null : postures.floorEntry(time);
        return last == null ? Posture.UP : last.getValue();
    }

    /** Goes on with {@code next}; whatever was under way at its start is cut short. */
    public void add(Stretch next) {
        stretches.removeIf(l -> l.start() >= next.start());
        if (!stretches.isEmpty()) {
            int last = stretches.size() - 1;
            stretches.set(last, stretches.get(last).cutAt(next.start()));
        }
        stretches.add(next);
        looked = null;
    }

    /** Where they are and how they should face at a time, seconds; see {@link #seen}. */
    public Pose pose(double time) {
        Stretch on = stretchAt(time);
        return on == null ? first : on.pose(Math.min(time, on.end()));
    }

    /** Where they are at a time, seconds, and how they face: turned no faster than a body turns. */
    public Pose seen(double time) {
        Looked steps = looked;
        if (steps == null) {
            steps = new Looked();
            looked = steps;
        }
        return new Pose(at(time), Nose.at(time, t -> pose(t).facing(), steps::facing));
    }

    /** What was found at each step, kept because every moment asks for some fifty of them. */
    private final class Looked {

        /** No facing has these bits, so that a step at which nobody has looked yet is 0. */
        private static final long NEVER = 0x7FF8_0000_0000_0001L;

        /** They stand before the first step and after the last. */
        private final AtomicLongArray facings = new AtomicLongArray((int) Math.ceil(end() / Nose.STEP) + 3);

        double facing(int step) {
            int i = Math.max(0, Math.min(facings.length() - 1, step + 1));
            long known = facings.get(i);
            if (known != 0) {
                return Double.longBitsToDouble(known ^ NEVER);
            }
            double facing = pose((i - 1) * Nose.STEP).facing();
            facings.set(i, Double.doubleToRawLongBits(facing) ^ NEVER);
            return facing;
        }
    }

    /** Where they are at a time, seconds. */
    public Vec at(double time) {
        Stretch on = stretchAt(time);
        return on == null ? first.at() : on.at(Math.min(time, on.end()));
    }

    /** Displacement per second; zero while standing. */
    public Vec velocity(double time) {
        Stretch on = stretchAt(time);
        return on == null || time > on.end() + 1e-9 ? Vec.ZERO : on.velocity(time);
    }

    /** Place and velocity together. */
    public Stretch.Moving moving(double time) {
        Stretch on = stretchAt(time);
        if (on == null) {
            return new Stretch.Moving(first.at(), Vec.ZERO);
        }
        return time > on.end() + 1e-9
                ? new Stretch.Moving(on.at(on.end()), Vec.ZERO)
                : on.moving(Math.min(time, on.end()));
    }

    /** When the last movement is over, in seconds; 0 for who never moves. */
    public double end() {
        return stretches.isEmpty() ? 0 : stretches.get(stretches.size() - 1).end();
    }

    private Stretch stretchAt(double time) {
        for (int i = stretches.size() - 1; i >= 0; i--) {
            if (time >= stretches.get(i).start()) {
                return stretches.get(i);
            }
        }
        return null;
    }
}

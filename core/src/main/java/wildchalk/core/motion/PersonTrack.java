package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Vec;

/** Where one person is at any time. */
public final class PersonTrack {

    private final Pose first;
    private final List<Stretch> stretches = new ArrayList<>();

    /** Somebody who stands until they are sent somewhere. */
    public PersonTrack(Pose first) {
        this.first = first;
    }

    /** Goes on with {@code next}; whatever was under way at its start is cut short. */
    public void add(Stretch next) {
        stretches.removeIf(l -> l.start() >= next.start());
        if (!stretches.isEmpty()) {
            int last = stretches.size() - 1;
            stretches.set(last, stretches.get(last).cutAt(next.start()));
        }
        stretches.add(next);
    }

    /** Where they are and how they should face at a time, seconds; see {@link #seen}. */
    public Pose pose(double time) {
        Stretch on = stretchAt(time);
        return on == null ? first : on.pose(Math.min(time, on.end()));
    }

    /** Where they are at a time, seconds, and how they face: turned no faster than a body turns. */
    public Pose seen(double time) {
        return new Pose(at(time), Nose.at(time, t -> pose(t).facing()));
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

package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Vec;

/** Where one person is at any time. */
final class PersonTrack {

    private final Pose first;
    private final List<Leg> legs = new ArrayList<>();

    PersonTrack(Pose first) {
        this.first = first;
    }

    /** Goes on with {@code leg}; whatever was under way at its start is cut short. */
    void add(Leg leg) {
        legs.removeIf(l -> l.start() >= leg.start());
        if (!legs.isEmpty()) {
            int last = legs.size() - 1;
            legs.set(last, legs.get(last).cutAt(leg.start()));
        }
        legs.add(leg);
    }

    Pose pose(double time) {
        Leg leg = legAt(time);
        return leg == null ? first : leg.pose(Math.min(time, leg.end()));
    }

    Vec at(double time) {
        Leg leg = legAt(time);
        return leg == null ? first.at() : leg.at(Math.min(time, leg.end()));
    }

    /** Displacement per second; zero while standing. */
    Vec velocity(double time) {
        Leg leg = legAt(time);
        return leg == null || time > leg.end() + 1e-9 ? Vec.ZERO : leg.velocity(time);
    }

    /** When the last movement is over, in seconds; 0 for who never moves. */
    double end() {
        return legs.isEmpty() ? 0 : legs.get(legs.size() - 1).end();
    }

    private Leg legAt(double time) {
        for (int i = legs.size() - 1; i >= 0; i--) {
            if (time >= legs.get(i).start()) {
                return legs.get(i);
            }
        }
        return null;
    }
}

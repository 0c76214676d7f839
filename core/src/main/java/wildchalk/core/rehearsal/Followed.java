package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Stretch;

/** The way of a body that follows somebody, worked out step by step and only as far as somebody asks. */
final class Followed implements Stretch {

    /**
     * Where a body is, how fast it goes and where it faces.
     *
     * @param screen id of the last screen that held it; empty for none yet
     * @param until until when that held it, seconds
     */
    record State(double t, Vec at, Vec velocity, double facing, String screen, double until) {

        /** One that no screen has held. */
        State(double t, Vec at, Vec velocity, double facing) {
            this(t, at, velocity, facing, "", Double.NEGATIVE_INFINITY);
        }
    }

    private final Shadows shadows;
    private final List<State> states = new ArrayList<>();
    private double end = Double.POSITIVE_INFINITY;

    Followed(Shadows shadows, State first) {
        this.shadows = shadows;
        states.add(first);
    }

    State last() {
        return states.get(states.size() - 1);
    }

    void add(State next) {
        states.add(next);
    }

    /** Forgets everything that was foreseen after a time. */
    void forgetAfter(double time) {
        while (states.size() > 1 && last().t() > time) {
            states.remove(states.size() - 1);
        }
    }

    void endAt(double time) {
        end = time;
    }

    @Override
    public double start() {
        return states.get(0).t();
    }

    @Override
    public double end() {
        return end;
    }

    /** Between two steps the speed changes evenly. */
    State state(double time) {
        if (time < end) {
            shadows.foresee(time);
        }
        int i = interval(time);
        State a = states.get(i);
        if (i + 1 >= states.size() || time <= a.t()) {
            return a;
        }
        State b = states.get(i + 1);
        double h = b.t() - a.t();
        double k = (time - a.t()) / h;
        Vec at = a.at().plus(a.velocity().times(h * k))
                .plus(b.velocity().minus(a.velocity()).times(h * k * k / 2));
        double turn = Math.IEEEremainder(b.facing() - a.facing(), 2 * Math.PI);
        return new State(time, at, a.velocity().towards(b.velocity(), k), a.facing() + turn * k, a.screen(), a.until());
    }

    private int interval(double time) {
        int low = 0;
        int high = states.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (states.get(middle).t() <= time) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    @Override
    public Vec at(double time) {
        return state(time).at();
    }

    @Override
    public Pose pose(double time) {
        State s = state(time);
        return new Pose(s.at(), s.facing());
    }

    @Override
    public Vec velocity(double time) {
        return state(time).velocity();
    }

    @Override
    public Followed cutAt(double time) {
        shadows.release(this, time);
        return this;
    }

    /** The way so far, with a place about every {@code spacing} metres. */
    List<Vec> line(double spacing) {
        List<Vec> line = new ArrayList<>(states.size());
        line.add(states.get(0).at());
        Vec last = states.get(0).at();
        for (State s : states) {
            Vec gone = s.at().minus(last);
            if (gone.dot(gone) >= spacing * spacing) {
                last = s.at();
                line.add(last);
            }
        }
        if (line.size() < 2) {
            line.add(last().at());
        }
        return line;
    }
}

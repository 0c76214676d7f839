package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import wildchalk.core.drill.Shadow;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Speeds;
import wildchalk.core.motion.Stretch;
import wildchalk.core.rehearsal.Followed.State;

/**
 * Works out people who follow others, all of them together, twenty-five times a second. What is to come is foreseen
 * from what everybody has set out to do, and forgotten when somebody sets out on something else.
 */
final class Shadows {

    private static final double STEP = 0.04;
    /** How quickly a body answers to what it sees, seconds; assumed. */
    private static final double ANSWER = 0.15;
    /** How hard a body steers at its place, 1/s; assumed. */
    private static final double EAGER = 3;
    /** Share of the brake that is counted on when closing in; assumed. */
    private static final double CAREFUL = 0.8;
    /** Ground lost while backing off, as a share of what would be lost in one time constant; assumed. */
    private static final double GIVES_UP = 0.7;
    /** Nearer than this a marker faces the other, metres; farther off they face where they run. Assumed. */
    private static final double WATCHES = 8;
    /** So many metres before they are there they take short steps who stutter in, and how fast; assumed. */
    private static final double STUTTERS = 2.5;

    private static final double SHORT_STEPS = 0.3;
    /** Fastest turn of a body, radians per second; assumed. */
    private static final double TURN = 9;

    private record Follower(Shadow shadow, Followed way, PersonTrack other, double top, DoubleFunction<Vec> goal) {}

    private final Map<String, Follower> active = new LinkedHashMap<>();
    private final Function<String, PersonTrack> tracks;
    private final Aims aims;
    private final Screens screens;
    private final Speeds speeds;

    Shadows(Function<String, PersonTrack> tracks, Aims aims, Speeds speeds, Screens screens) {
        this.screens = screens;
        screens.onChange(this::changed);
        this.tracks = tracks;
        this.aims = aims;
        this.speeds = speeds;
    }

    boolean isFollowing(String action) {
        return active.containsKey(action);
    }

    /** Whether a person follows somebody. */
    boolean isFollower(String who) {
        return active.values().stream().anyMatch(f -> f.shadow().who().equals(who));
    }

    List<Shadow> all() {
        return active.values().stream().map(Follower::shadow).toList();
    }

    /** Somebody begins to follow. */
    void begin(Shadow shadow, double now) {
        changed(now);
        PersonTrack track = tracks.apply(shadow.who());
        Followed way = new Followed(
                this,
                new State(
                        now, track.at(now), track.velocity(now), track.pose(now).facing()));
        track.add(way);
        active.put(
                shadow.id(),
                new Follower(
                        shadow,
                        way,
                        tracks.apply(shadow.whom()),
                        speeds.forPerson(shadow.who()).top().get(shadow.gait()),
                        aims.goal().apply(shadow)));
    }

    /** Somebody stops following; where they went until then. */
    List<Vec> end(String action, double now) {
        Follower follower = active.get(action);
        follower.way().state(now);
        release(follower.way(), now);
        return follower.way().line(0.3);
    }

    /** A way that something else has cut short. */
    void release(Followed way, double now) {
        if (now >= way.end()) {
            return;
        }
        changed(now);
        way.endAt(now);
        active.values().removeIf(f -> f.way() == way);
    }

    /**
     * Somebody sets out on something else: what was foreseen of those who follow them is out of date from now on.
     *
     * @return whether anybody who follows goes another way now
     */
    boolean changedWay(String who, double now) {
        for (Follower f : active.values()) {
            if (f.shadow().whom().equals(who) || f.shadow().who().equals(who)) {
                changed(now);
                return true;
            }
        }
        return false;
    }

    /** A ball is somewhere else than foreseen. */
    void changedBall(double now) {
        if (active.values().stream().anyMatch(f -> f.shadow().side() == Shadow.Side.BALL)) {
            changed(now);
        }
    }

    private void changed(double now) {
        if (active.isEmpty()) {
            return;
        }
        active.values().forEach(f -> f.way().forgetAfter(now));
        double reached = reached();
        if (reached < now) {
            foresee(now);
            active.values().forEach(f -> f.way().forgetAfter(now));
            if (reached() < now) {
                step(reached(), now);
            }
        }
    }

    private double reached() {
        return active.values().iterator().next().way().last().t();
    }

    /** Works everybody out as far as a time. */
    void foresee(double time) {
        if (active.isEmpty()) {
            return;
        }
        for (double t = reached(); t < time; t = reached()) {
            step(t, (Math.floor(t / STEP + 1e-9) + 1) * STEP);
        }
    }

    private void step(double from, double to) {
        List<State> next = new ArrayList<>();
        active.values().forEach(f -> next.add(next(f, from, to - from)));
        int i = 0;
        for (Follower f : active.values()) {
            f.way().add(next.get(i++));
        }
    }

    private State next(Follower f, double t, double dt) {
        State now = f.way().last();
        State held = screens.held(f.shadow(), now);
        if (held != now) {
            return new State(t + dt, now.at(), Vec.ZERO, now.facing(), held.screen(), held.until());
        }
        Stretch.Moving other = f.other().moving(t);
        Vec target = other.at();
        Vec wanted = wanted(f, now, target, other.velocity(), t);
        Vec v = limited(now.velocity(), wanted.minus(now.velocity()).times(1 / ANSWER), top(f, now, target), dt);
        Vec at = now.at().plus(now.velocity().plus(v).times(dt / 2));
        return new State(t + dt, at, v, facing(f.shadow(), now, v, target, dt), now.screen(), now.until());
    }

    /** The velocity that takes a follower where they want to be. */
    private Vec wanted(Follower f, State now, Vec target, Vec velocity, double t) {
        Shadow shadow = f.shadow();
        double top = top(f, now, target);
        if (shadow.way() == Shadow.Way.CHASE) {
            return target.minus(now.at()).unit().times(top);
        }
        Vec aim = aims.place(shadow, f.goal(), target, velocity, now.at(), t);
        if (shadow.way() == Shadow.Way.CLOSE_DOWN || shadow.way() == Shadow.Way.STUTTER_IN) {
            aim = aim.plus(aim.minus(target).unit().times(givenUp(now, target, velocity)));
        }
        Vec gap = aim.minus(now.at());
        double closing = Math.min(EAGER * gap.length(), Math.sqrt(2 * CAREFUL * speeds.brake() * gap.length()));
        // Seen from the other: who comes at them is braked for, and given way to, before the two meet.
        Vec v = along(shadow.way(), velocity).plus(gap.unit().times(closing));
        return v.length() > top ? v.unit().times(top) : v;
    }

    /** What of the other's velocity is gone along with: in the own channel up and down, in a lane nothing. */
    private static Vec along(Shadow.Way way, Vec velocity) {
        return switch (way) {
            case LEVEL -> new Vec(velocity.x(), 0);
            case LANE -> Vec.ZERO;
            default -> velocity;
        };
    }

    /** Whoever stutters in takes short steps over the last metres, and slows for them before that. */
    private double top(Follower f, State now, Vec target) {
        if (f.shadow().way() != Shadow.Way.STUTTER_IN) {
            return f.top();
        }
        double steps = f.top() * SHORT_STEPS;
        double before = Math.max(0, target.distance(now.at()) - f.shadow().distance() - STUTTERS);
        return Math.min(f.top(), Math.sqrt(steps * steps + 2 * CAREFUL * speeds.brake() * before));
    }

    /** What is lost to somebody who comes at a follower until that one backs off as fast, metres. */
    private double givenUp(State now, Vec target, Vec velocity) {
        Vec away = now.at().minus(target).unit();
        double slower = velocity.dot(away) - Math.max(0, now.velocity().dot(away));
        return GIVES_UP * Math.max(0, slower) * speeds.settle();
    }

    /**
     * As much of a wanted change of velocity as a body can do in {@code dt}: it speeds up, brakes and turns only so
     * hard.
     */
    private Vec limited(Vec v, Vec change, double top, double dt) {
        double speed = v.length();
        Vec along = speed > 1e-6 ? v.unit() : change.unit();
        double forward = change.dot(along);
        Vec sideways = change.minus(along.times(forward));
        // Speeding up is (top − v)/settle; over a step exactly top·(1 − e^(−dt/settle)) of what is missing.
        double most = Math.max(0, top - speed) * (1 - Math.exp(-dt / speeds.settle()));
        double gained = Math.max(-speeds.brake() * dt, Math.min(most, forward * dt));
        double side = Math.min(speeds.grip() * dt, sideways.length() * dt);
        // Only a body that goes forward can be pulled sideways by its feet; from rest it just sets off.
        Vec turned = along.times(speed + gained).plus(sideways.unit().times(side));
        double length = Math.min(turned.length(), Math.max(speed + Math.max(0, gained), 0));
        return length == 0 ? Vec.ZERO : turned.unit().times(length);
    }

    private double facing(Shadow shadow, State now, Vec velocity, Vec target, double dt) {
        Vec look = target.minus(now.at());
        boolean goesOn = shadow.way() == Shadow.Way.CHASE || shadow.way() == Shadow.Way.IN_FRONT;
        boolean watches =
                !goesOn && look.length() < WATCHES || shadow.way() == Shadow.Way.JOCKEY || velocity.length() < 0.3;
        double wanted = watches ? look.angle() : velocity.angle();
        double turn = Math.IEEEremainder(wanted - now.facing(), 2 * Math.PI);
        return now.facing() + Math.max(-TURN * dt, Math.min(TURN * dt, turn));
    }
}

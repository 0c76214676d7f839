package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.Stream;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Speeds;
import wildchalk.core.rehearsal.Agenda.Entry;
import wildchalk.core.rehearsal.Agenda.Kind;
import wildchalk.core.timeline.Event;

/** What people do with their legs in a rep: they travel, follow, stand, and are sent elsewhere. */
final class Locomotion {

    /** Nobody is followed longer than this after the last thing that happens, seconds. */
    private static final double PATIENCE = 20;

    /** Who is sent another way so soon after setting off was sent two ways at once, seconds. */
    private static final double AT_ONCE = 1e-6;

    private static final double LOOK = 0.1;
    /** Slower than this a follower has come to rest, m/s. */
    private static final double RESTS = 0.05;

    private final RehearsalState rep;
    private final Bodies bodies;
    private final Shadows shadows;
    private final BallPlay balls;
    private final Watches watches;
    private final Problems problems;
    private final Speeds speeds;
    private final Map<String, Supplier<List<Vec>>> lines;
    /** What each person has set out on last. */
    private final Map<String, Action> lasting = new HashMap<>();

    private final Map<String, List<Trigger>> marks = new HashMap<>();
    private final Fetching fetching;
    private final Meetings meetings;

    Locomotion(
            RehearsalState rep,
            Bodies bodies,
            Shadows shadows,
            BallPlay balls,
            Watches watches,
            Problems problems,
            Speeds speeds,
            Map<String, Supplier<List<Vec>>> lines) {
        this.meetings = bodies.meetings();
        this.rep = rep;
        this.bodies = bodies;
        this.shadows = shadows;
        this.balls = balls;
        this.watches = watches;
        this.problems = problems;
        this.speeds = speeds;
        this.lines = lines;
        this.fetching = new Fetching(bodies, speeds);
    }

    /** Lets it be known when somebody comes to a part of their path. */
    void lookOutFor(Stream<Trigger> moments) {
        moments.filter(m -> m instanceof Cue.Partway || m instanceof Cue.Gone)
                .forEach(m -> marks.computeIfAbsent(m.of().orElseThrow(), k -> new ArrayList<>())
                        .add(m));
    }

    void travel(Travel travel) {
        if (travel instanceof Travel.Carry && !balls.hasBall(travel.who())) {
            problems.noBall(travel);
        }
        Chain chain = bodies.running(travel.who());
        double over = rep.now();
        if (chain == null || chain.indexOf(travel.id()) < 0) {
            leave(travel.who(), travel.id());
            Optional<Deliveries.Course> course =
                    travel instanceof Travel.Collect c ? balls.course(c) : Optional.empty();
            if (course.isPresent()) {
                Fetching.Met met = fetching.fetch(travel, course.get(), rep.now());
                chain = met.chain();
                over = met.time();
            } else {
                chain = bodies.start(travel, Optional.empty(), rep.now(), balls.hasBall(travel.who()));
            }
            changedWay(travel.who());
        }
        under(travel, chain, over);
        balls.arrangeMeetings();
    }

    /** Lets come what comes on a path: its marks and, where nobody stops on it for a ball, its end. */
    private void under(Travel travel, Chain chain, double notBefore) {
        if (meetings.stop(travel).isEmpty()) {
            double over = Math.max(notBefore, chain.endOf(travel.id()));
            rep.plan(over, Kind.END, travel.id());
            rep.foresee(new Cue.After(travel.id()), over, 0);
        }
        for (Trigger moment : marks.getOrDefault(travel.id(), List.of())) {
            OptionalDouble gone = meetings.gone(travel, moment, chain.length(travel.id()));
            gone.ifPresent(g ->
                    rep.plan(Math.max(rep.now(), chain.timeAfter(travel.id(), g)), Kind.MARK, travel.id(), 0, moment));
        }
    }

    /** Who stood at the place where a pass was to be met goes on: it has come, or nobody waits for it any more. */
    void goOn(Action.Pass pass) {
        String line = pass.met().orElseThrow().line();
        boolean waits = rep.isOn(line)
                && meetings.stop((Travel) rep.action(line)).filter(pass::equals).isPresent();
        meetings.goOn(pass);
        if (!waits) {
            return;
        }
        Travel travel = (Travel) rep.action(line);
        if (pass.met().orElseThrow().isAtEnd()) {
            rep.end(line);
            return;
        }
        Supplier<List<Vec>> before = lines.get(line);
        Chain chain = bodies.start(travel, Optional.empty(), rep.now(), balls.hasBall(travel.who()));
        Supplier<List<Vec>> after = lines.get(line);
        lines.put(line, () -> Stream.concat(
                        before.get().stream(), after.get().stream().skip(1))
                .toList());
        changedWay(travel.who());
        under(travel, chain, rep.now());
    }

    /** Those who wait for a ball that does not come go on; whether there were any. */
    boolean stopWaiting() {
        Optional<Action.Pass> waited = rep.actions().stream()
                .filter(a -> rep.isOn(a.id()))
                .filter(Travel.class::isInstance)
                .flatMap(a -> meetings.stop((Travel) a).stream())
                .findFirst();
        waited.ifPresent(this::goOn);
        return waited.isPresent();
    }

    void mark(Entry entry) {
        if (rep.isOn(entry.action())) {
            rep.happens(entry.moment());
        }
    }

    /**
     * Somebody goes another way: those who follow them see it, and balls on their way to any of them are aimed anew.
     */
    void changedWay(String who) {
        boolean followers = shadows.changedWay(who, rep.now());
        balls.aimAnew(r -> r.equals(who) || followers && shadows.isFollower(r));
    }

    /** Who is sent elsewhere leaves what they were on: what was under way ends here, what was to follow never comes. */
    private void leave(String who, String newAction) {
        Chain chain = bodies.running(who);
        if (chain != null) {
            chain.travels().stream().filter(t -> !rep.hasStarted(t.id())).forEach(problems::sentElsewhere);
            chain.travels().stream()
                    .filter(t -> rep.isOn(t.id()) && rep.times().get(t.id()).start() > rep.now() - AT_ONCE)
                    .forEach(problems::twoAtOnce);
            chain.travels().stream()
                    .filter(t -> rep.isOn(t.id()) && chain.leaves(t.id(), rep.now()))
                    .forEach(t -> rep.note(Event.Kind.BREAK_OFF, t.id(), t.who(), null));
            chain.travels().stream().filter(t -> rep.hasStarted(t.id())).forEach(t -> rep.end(t.id()));
        }
        Action before = lasting.put(who, rep.action(newAction));
        if (before instanceof Shadow || before instanceof Hold) {
            rep.end(before.id());
        }
    }

    void shadow(Shadow shadow) {
        leave(shadow.who(), shadow.id());
        bodies.forget(shadow.who());
        if (!rep.isOn(shadow.id())) {
            // It lasts until the end of what they have left for it.
            bodies.halt(shadow.who(), rep.now());
            changedWay(shadow.who());
            return;
        }
        shadows.begin(shadow, rep.now());
        changedWay(shadow.who());
        if (shadow.way() == Shadow.Way.CHASE) {
            Trigger caught = new Cue.Near(shadow.who(), shadow.whom(), shadow.distance());
            rep.endsAt(shadow, caught);
            watches.lookOutFor(caught, rep.now());
        }
    }

    /** Somebody stops following; where they went until then is their line. */
    void unshadow(Shadow shadow) {
        if (shadows.isFollowing(shadow.id())) {
            List<Vec> line = shadows.end(shadow.id(), rep.now());
            lines.put(shadow.id(), () -> line);
            bodies.halt(shadow.who(), rep.now());
            changedWay(shadow.who());
        }
    }

    void hold(Hold hold) {
        leave(hold.who(), hold.id());
        bodies.forget(hold.who());
        double turned = bodies.stand(hold, rep.now());
        changedWay(hold.who());
        if (hold.facing().isPresent() || hold.turn() == Hold.Turn.SPIN) {
            rep.plan(turned, Kind.TURN, hold.id());
        }
        if (hold.until().isEmpty()) {
            rep.plan(Math.max(turned, rep.now() + hold.seconds()), Kind.END, hold.id());
        }
    }

    /** Who was called away meanwhile has not turned. */
    void turn(Entry entry) {
        if (rep.isOn(entry.action())) {
            rep.note(Event.Kind.TURN, entry.action(), rep.action(entry.action()).who(), null);
        }
    }

    /** When what is done with gear in the hands is done: for some of it they come to rest and bend down. */
    double handle(Action.Handle handle) {
        return switch (handle.deed()) {
            case DROP, KEEP -> rep.now();
            case PLACE, PICK_UP -> stop(handle.who(), handle)
                    + speeds.forPerson(handle.who()).takes().placing();
            case THROW, SWAP -> rep.now() + Handling.IN_HANDS;
        };
    }

    /** Somebody leaves what they are on because of an action, their own or another's, and comes to rest; when. */
    double stop(String who, Action because) {
        return stop(who, because, false);
    }

    /** @param dead whether another holds them, so that they stand at once */
    double stop(String who, Action because, boolean dead) {
        leave(who, because.id());
        bodies.forget(who);
        double rest = dead ? bodies.stopDead(who, rep.now()) : bodies.halt(who, rep.now());
        changedWay(who);
        return rest;
    }

    /** Those who follow somebody come to rest once everybody they follow has. */
    void letFollowersRest() {
        for (Shadow s : shadows.all()) {
            if (rep.isOn(s.id())) {
                rep.plan(restOf(s), Kind.END, s.id());
            } else {
                shadows.end(s.id(), rep.now());
            }
        }
    }

    private double restOf(Shadow shadow) {
        double from = Math.max(rep.now(), bodies.quiet());
        PersonTrack track = bodies.track(shadow.who());
        for (double t = from; t < from + PATIENCE; t += LOOK) {
            // Who has only just begun stands too, but not for long.
            if (track.velocity(t).length() < RESTS
                    && track.velocity(t + 3 * LOOK).length() < RESTS) {
                return t;
            }
        }
        return from + PATIENCE;
    }

    /** When everybody will stand, as far as is known; not later than patience lasts. */
    double quiet() {
        return Math.min(bodies.quiet(), rep.now() + PATIENCE);
    }
}

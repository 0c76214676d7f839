package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.drill.Action.Travel;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Soundness;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Agenda.Entry;
import wildchalk.core.rehearsal.Agenda.Kind;
import wildchalk.core.surface.Surface;

/**
 * Plays one stage through, moment by moment. Each action starts once at most, so it always comes to an end: after as
 * many moments as there are starts, releases, arrivals, ends, marks and things that are looked out for, and new aims
 * for balls on their way.
 */
final class Simulation {

    /** Nobody is followed, and nothing is looked out for, longer than this after the last thing that happens, seconds. */
    private static final double PATIENCE = 20;
    private static final double LOOK = 0.1;
    /** Slower than this a follower has come to rest, m/s. */
    private static final double RESTS = 0.05;

    private final Stage stage;
    private final Places places;
    private final Speeds speeds;
    private final Bodies bodies;
    private final Deliveries deliveries;
    private final Shadows shadows;
    private final Watches watches;
    private final Agenda agenda = new Agenda();
    private final Problems problems;
    private final List<Event> events = new ArrayList<>();
    private final Map<String, Action> actions = new LinkedHashMap<>();
    private final Map<String, Integer> order = new HashMap<>();
    private final Map<String, ActionTimes> times = new HashMap<>();
    private final Map<String, List<Vec>> lines = new HashMap<>();
    /** What each person has set out on last. */
    private final Map<String, Action> lasting = new HashMap<>();
    private final Map<String, List<Trigger>> marks = new HashMap<>();
    private final Waiting starting = new Waiting();
    private final Waiting ending = new Waiting();
    private double now;

    Simulation(Stage stage, Surface surface, Speeds speeds) {
        this.stage = stage;
        this.places = new Places(stage, surface);
        this.speeds = speeds;
        this.bodies = new Bodies(stage, places, speeds, lines);
        this.deliveries = new Deliveries(stage, places, new Walls(surface), speeds, bodies, lines);
        this.problems = new Problems(stage);
        Vec attacked = surface.target("goal").map(Surface.Target::at).orElse(new Vec(surface.length() / 2, 0));
        this.shadows = new Shadows(bodies::track, new Aims(attacked, deliveries::ballFor), speeds);
        this.watches = new Watches(surface, this::where);
        for (Action action : stage.actions()) {
            if (problems.canBePlayed(action, places)) {
                actions.put(action.id(), action);
                order.put(action.id(), order.size());
            }
        }
        Map<String, Trigger> cues = Waiting.plain(actions.values());
        actions.values().forEach(a -> {
            starting.add(a, cues.get(a.id()));
            Soundness.until(a).ifPresent(u -> ending.add(a, u));
        });
        moments().filter(m -> m instanceof Cue.Partway || m instanceof Cue.Gone)
                .forEach(m -> marks.computeIfAbsent(m.of().orElseThrow(), k -> new ArrayList<>()).add(m));
    }

    /** Everything that something waits for, to begin or to end. */
    private Stream<Trigger> moments() {
        return Stream.concat(starting.moments().stream(), ending.moments().stream()).distinct();
    }

    private Optional<Vec> where(String id, double t) {
        return Optional.ofNullable(bodies.track(id)).map(p -> p.at(t)).or(() -> deliveries.place(id, t))
                .or(() -> stage.piece(id).map(Piece::at));
    }

    Timeline run() {
        moments().filter(Watches::isWatched).sorted(Comparator.comparing(Object::toString))
                .forEach(m -> watches.lookOutFor(m, 0));
        happens(new Cue.Whistle(), 0);
        for (double due = due(); due < Double.POSITIVE_INFINITY; due = due()) {
            Optional<Watches.Seen> seen = watches.lookUpTo(due);
            if (seen.isPresent()) {
                seen(seen.get());
            } else if (agenda.due() <= due) {
                play(agenda.next());
            } else {
                // Everybody stands, and nothing has been seen on the way there.
                now = due;
            }
        }
        problems.neverStarted(actions.values(), times.keySet());
        for (Action action : stage.actions()) {
            lines.computeIfAbsent(action.id(), id -> plannedLine(action));
        }
        events.sort(Comparator.comparingDouble(Event::t));
        return new Timeline(bodies.tracks(), deliveries.tracks(), times, lines, events,
                Beats.of(actions.values(), times), problems.found());
    }

    /** When the next thing happens that is known of; while somebody moves or follows, things may yet be seen. */
    private double due() {
        if (agenda.due() < Double.POSITIVE_INFINITY) {
            return agenda.due();
        }
        for (Action.Shadow s : shadows.all()) {
            if (Double.isNaN(times.get(s.id()).end())) {
                agenda.add(entry(restOf(s), Kind.END, s.id(), now, 0));
            } else {
                shadows.end(s.id(), now);
            }
        }
        if (agenda.due() < Double.POSITIVE_INFINITY) {
            return agenda.due();
        }
        double quiet = Math.min(bodies.quiet(), now + PATIENCE);
        if (watches.any() && quiet > now) {
            return quiet;
        }
        // Who waits for what never comes has waited until all else is over.
        actions.values().stream().filter(a -> a instanceof Action.Hold && times.containsKey(a.id())
                        && Double.isNaN(times.get(a.id()).end()))
                .forEach(a -> agenda.add(entry(now, Kind.END, a.id(), now, 0)));
        return agenda.due();
    }

    /** When somebody who follows has come to rest because whom they follow has. */
    private double restOf(Action.Shadow shadow) {
        double from = Math.max(now, bodies.quiet());
        PersonTrack track = bodies.track(shadow.who());
        for (double t = from; t < from + PATIENCE; t += LOOK) {
            // Who has only just begun stands too, but not for long.
            if (track.velocity(t).length() < RESTS && track.velocity(t + 3 * LOOK).length() < RESTS) {
                return t;
            }
        }
        return from + PATIENCE;
    }

    private void play(Entry entry) {
        now = entry.time();
        switch (entry.kind()) {
            case START -> start(entry);
            case EARLY_START -> early(entry);
            case RELEASE -> release(entry);
            case ARRIVAL -> arrive(entry);
            case MARK -> mark(entry);
            case TURN -> turn(entry);
            case END -> end(entry.action(), entry.time());
        }
    }

    /** A moment comes: what waits for it is set off, what lasts until it is over. */
    private void happens(Trigger moment, double time) {
        starting.happens(moment).forEach(a -> cue(a, time));
        ending.happens(moment).stream().filter(a -> times.containsKey(a.id())).forEach(a -> end(a.id(), time));
    }

    private void seen(Watches.Seen seen) {
        now = seen.time();
        if (seen.trigger() instanceof Cue.Enters e) {
            events.add(new Event(now, Event.Kind.ENTER, e.zone(), e.who(), null));
        }
        happens(seen.trigger(), now);
    }

    private void cue(Action action, double moment) {
        agenda.add(entry(moment + Math.max(0, action.cue().delay()), Kind.START, action.id(), moment, 0));
    }

    private Entry entry(double time, Kind kind, String action, double cued, int version) {
        return new Entry(time, kind, order.get(action), action, cued, version, null);
    }

    /** Sets off what waits for so long before a moment that is foreseen. */
    private void foresee(Trigger moment, double time, int version) {
        for (Action action : starting.waitingJustFor(moment)) {
            if (action.cue().delay() < 0) {
                agenda.add(new Entry(Math.max(now, time + action.cue().delay()), Kind.EARLY_START, order.get(action.id()),
                        action.id(), time, version, moment));
            }
        }
    }

    /** An early start counts only while what it foresees still stands. */
    private void early(Entry entry) {
        boolean stands = entry.moment() instanceof Cue.Received r ? deliveries.isNewest(r.action(), entry.version())
                : entry.moment().of().map(times::get).filter(t -> Double.isNaN(t.end())).isPresent();
        if (stands) {
            start(entry);
        }
    }

    private void start(Entry entry) {
        Action action = actions.get(entry.action());
        if (times.containsKey(action.id()) || problems.isDropped(action.id())) {
            return;
        }
        times.put(action.id(), new ActionTimes(entry.cued(), now, Double.NaN, Double.NaN, Double.NaN));
        events.add(new Event(now, Event.Kind.START, action.id(), action.who(), null));
        happens(new Cue.With(action.id()), now);
        if (!Double.isNaN(times.get(action.id()).end())) {
            // It lasts until its own start: it is over before it began.
            return;
        }
        if (action instanceof Travel travel) {
            travel(travel);
        } else if (action instanceof Delivery delivery) {
            deliver(delivery);
        } else if (action instanceof Action.Shadow shadow) {
            shadow(shadow);
        } else if (action instanceof Action.Hold hold) {
            hold(hold);
        } else {
            happens(new Cue.Called(((Action.Call) action).word()), now);
            agenda.add(entry(now, Kind.END, action.id(), now, 0));
        }
    }

    private void travel(Travel travel) {
        if (travel instanceof Action.Carry && !deliveries.hasBall(travel.who())) {
            problems.noBall(travel);
        }
        Bodies.Chain chain = bodies.running(travel.who());
        if (chain == null || chain.indexOf(travel.id()) < 0) {
            leave(travel.who(), travel.id());
            Optional<Vec> to = travel instanceof Action.Collect c ? deliveries.lies(c, now) : Optional.empty();
            chain = bodies.start(travel, to, now);
            changedWay(travel.who());
        }
        double over = Math.max(now, chain.endOf(travel.id()));
        agenda.add(entry(over, Kind.END, travel.id(), now, 0));
        foresee(new Cue.After(travel.id()), over, 0);
        marks(travel, chain);
    }

    /** Notes when somebody comes to the parts of their path that others wait for. */
    private void marks(Travel travel, Bodies.Chain chain) {
        for (Trigger moment : marks.getOrDefault(travel.id(), List.of())) {
            double t = Math.max(now, chain.timeAt(travel.id(), moment));
            agenda.add(new Entry(t, Kind.MARK, order.get(travel.id()), travel.id(), now, 0, moment));
        }
    }

    private void mark(Entry entry) {
        if (Double.isNaN(times.get(entry.action()).end())) {
            happens(entry.moment(), now);
        }
    }

    /** Somebody goes another way: those who follow them see it, and balls on their way to any of them are aimed anew. */
    private void changedWay(String who) {
        shadows.changedWay(who, now);
        deliveries.aimAnew(who).forEach(this::expect);
        shadows.all().forEach(s -> deliveries.aimAnew(s.who()).forEach(this::expect));
    }

    /** Who is sent elsewhere leaves what they were on: what was under way ends here, what was to follow never comes. */
    private void leave(String who, String newAction) {
        Bodies.Chain chain = bodies.running(who);
        if (chain != null) {
            chain.travels().stream().filter(t -> !times.containsKey(t.id())).forEach(problems::sentElsewhere);
            chain.travels().stream().filter(t -> times.containsKey(t.id())).forEach(t -> end(t.id(), now));
        }
        Action before = lasting.put(who, actions.get(newAction));
        if (before instanceof Action.Shadow || before instanceof Action.Hold) {
            end(before.id(), now);
        }
    }

    private void shadow(Action.Shadow shadow) {
        leave(shadow.who(), shadow.id());
        bodies.forget(shadow.who());
        shadows.begin(shadow, now);
        changedWay(shadow.who());
        if (shadow.way() == Action.Shadow.Way.CHASE) {
            Trigger caught = new Cue.Near(shadow.who(), shadow.whom(), shadow.distance());
            ending.add(shadow, caught);
            watches.lookOutFor(caught, now);
        }
    }

    private void hold(Action.Hold hold) {
        leave(hold.who(), hold.id());
        bodies.forget(hold.who());
        double turned = bodies.stand(hold.who(), hold.facing().map(places::of), now);
        changedWay(hold.who());
        if (hold.facing().isPresent()) {
            agenda.add(entry(turned, Kind.TURN, hold.id(), now, 0));
        }
        if (hold.until().isEmpty()) {
            agenda.add(entry(Math.max(turned, now + hold.seconds()), Kind.END, hold.id(), now, 0));
        }
    }

    /** Who was called away meanwhile has not turned. */
    private void turn(Entry entry) {
        if (Double.isNaN(times.get(entry.action()).end())) {
            events.add(new Event(now, Event.Kind.TURN, entry.action(), actions.get(entry.action()).who(), null));
        }
    }

    private void deliver(Delivery delivery) {
        Optional<Double> leaves = deliveries.prepare(delivery, now);
        if (leaves.isPresent()) {
            agenda.add(entry(leaves.get(), Kind.RELEASE, delivery.id(), now, 0));
        } else {
            problems.noBall(delivery);
            agenda.add(entry(now, Kind.END, delivery.id(), now, 0));
        }
    }

    private void release(Entry entry) {
        Delivery delivery = (Delivery) actions.get(entry.action());
        Deliveries.Sent sent = deliveries.release(delivery, now);
        shadows.changedBall(now);
        if (delivery instanceof Action.Pass pass) {
            problems.cannotGoSo(pass, deliveries, sent);
        }
        ActionTimes t = times.get(delivery.id());
        times.put(delivery.id(), new ActionTimes(t.cued(), t.start(), now, t.arrival(), t.end()));
        events.add(new Event(now, Event.Kind.RELEASE, delivery.id(), delivery.who(), sent.ball()));
        happens(new Cue.Released(delivery.id()), now);
        expect(sent);
        agenda.add(entry(now + speeds.followThrough(), Kind.END, delivery.id(), now, 0));
    }

    private void expect(Deliveries.Sent sent) {
        String id = sent.delivery().id();
        agenda.add(entry(sent.arrival(), Kind.ARRIVAL, id, sent.release(), sent.version()));
        foresee(new Cue.Received(id), sent.arrival(), sent.version());
    }

    private void arrive(Entry entry) {
        if (!deliveries.isNewest(entry.action(), entry.version())) {
            return;
        }
        Deliveries.Sent sent = deliveries.arrive(entry.action(), now);
        shadows.changedBall(now);
        ActionTimes t = times.get(entry.action());
        times.put(entry.action(), new ActionTimes(t.cued(), t.start(), t.release(), now, t.end()));
        Optional<String> receiver = deliveries.receiver(sent.delivery());
        events.add(new Event(now, Event.Kind.ARRIVAL, entry.action(), receiver.orElse(sent.delivery().who()), sent.ball()));
        receiver.ifPresent(r -> events.add(new Event(now, Event.Kind.TOUCH, entry.action(), r, sent.ball())));
        happens(new Cue.Received(entry.action()), now);
    }

    private void end(String id, double time) {
        ActionTimes t = times.get(id);
        if (!Double.isNaN(t.end())) {
            return;
        }
        times.put(id, new ActionTimes(t.cued(), t.start(), t.release(), t.arrival(), time));
        Action action = actions.get(id);
        if (action instanceof Action.Collect collect) {
            collected(collect, time);
        } else if (action instanceof Action.Shadow && shadows.isFollowing(id)) {
            lines.put(id, shadows.end(id, time));
            bodies.halt(action.who(), time);
            changedWay(action.who());
        }
        events.add(new Event(time, Event.Kind.END, id, action.who(), null));
        happens(new Cue.After(id), time);
    }

    private void collected(Action.Collect collect, double time) {
        Optional<String> ball = deliveries.collect(collect, time);
        if (ball.isPresent()) {
            shadows.changedBall(time);
            events.add(new Event(time, Event.Kind.TOUCH, collect.id(), collect.who(), ball.get()));
        } else {
            boolean others = actions.values().stream().anyMatch(a -> a instanceof Action.Collect c && c != collect
                    && c.path().last().equals(collect.path().last()) && times.containsKey(c.id()));
            if (others) {
                events.add(new Event(time, Event.Kind.CONTEST, collect.id(), collect.who(), null));
            } else {
                problems.nothingThere(collect);
            }
        }
    }

    /** Where the line of an action runs that never happens: as chalked, from where its person was to be. */
    private List<Vec> plannedLine(Action action) {
        Vec from = places.before(action);
        List<Vec> line = new ArrayList<>(List.of(from));
        if (action instanceof Travel travel) {
            line.addAll(places.of(travel.path()));
        } else if (action instanceof Delivery delivery) {
            line.add(places.of(delivery.to()));
        } else {
            line.add(action instanceof Action.Shadow s ? places.of(Spot.at(s.whom())) : from);
        }
        return line;
    }
}

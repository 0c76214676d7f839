package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.drill.Action.Travel;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Agenda.Entry;
import wildchalk.core.rehearsal.Agenda.Kind;
import wildchalk.core.surface.Surface;

/**
 * Plays one stage through, moment by moment. Each action starts once at most, so it always comes to an end: after as
 * many moments as there are starts, releases, arrivals and ends, and new aims for balls on their way.
 */
final class Simulation {

    private final Stage stage;
    private final Places places;
    private final Speeds speeds;
    private final Bodies bodies;
    private final Deliveries deliveries;
    private final Agenda agenda = new Agenda();
    private final Problems problems;
    private final List<Event> events = new ArrayList<>();
    private final Map<String, Action> actions = new LinkedHashMap<>();
    private final Map<String, Integer> order = new HashMap<>();
    private final Map<String, ActionTimes> times = new HashMap<>();
    private final Map<String, List<Vec>> lines = new HashMap<>();
    private final Waiting waiting;

    Simulation(Stage stage, Surface surface, Speeds speeds) {
        this.stage = stage;
        this.places = new Places(stage, surface);
        this.speeds = speeds;
        this.bodies = new Bodies(stage, places, speeds, lines);
        this.deliveries = new Deliveries(stage, places, speeds, bodies, lines);
        this.problems = new Problems(stage);
        for (Action action : stage.actions()) {
            if (problems.canBePlayed(action, places)) {
                actions.put(action.id(), action);
                order.put(action.id(), order.size());
            }
        }
        this.waiting = new Waiting(actions.values());
    }

    Timeline run() {
        waiting.onWhistle().forEach(a -> cue(a, 0));
        for (Entry entry = agenda.next(); entry != null; entry = agenda.next()) {
            switch (entry.kind()) {
                case START -> start(entry);
                case RELEASE -> release(entry);
                case ARRIVAL -> arrive(entry);
                case END -> end(entry.action(), entry.time());
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

    private void cue(Action action, double moment) {
        agenda.add(entry(moment + Math.max(0, action.cue().delay()), Kind.START, action.id(), moment, 0));
    }

    private Entry entry(double time, Kind kind, String action, double cued, int version) {
        return new Entry(time, kind, order.get(action), action, cued, version);
    }

    private void start(Entry entry) {
        Action action = actions.get(entry.action());
        double now = entry.time();
        if (times.containsKey(action.id()) || problems.isDropped(action.id())) {
            return;
        }
        times.put(action.id(), new ActionTimes(entry.cued(), now, Double.NaN, Double.NaN, Double.NaN));
        events.add(new Event(now, Event.Kind.START, action.id(), action.who(), null));
        waiting.onStart(action.id()).forEach(a -> cue(a, now));
        if (action instanceof Travel travel) {
            travel(travel, now);
        } else {
            deliver((Delivery) action, now);
        }
    }

    private void travel(Travel travel, double now) {
        if (travel instanceof Action.Carry && !deliveries.hasBall(travel.who())) {
            problems.noBall(travel);
        }
        Bodies.Chain chain = bodies.running(travel.who());
        if (chain == null || chain.indexOf(travel.id()) < 0) {
            if (chain != null) {
                breakOff(chain, now);
            }
            chain = bodies.start(travel, now);
            deliveries.aimAnew(travel.who()).forEach(this::expect);
        }
        agenda.add(entry(Math.max(now, chain.endOf(travel.id())), Kind.END, travel.id(), now, 0));
    }

    /** Who is sent elsewhere leaves what they were on: what was under way ends here, what was to follow never comes. */
    private void breakOff(Bodies.Chain chain, double now) {
        for (Travel travel : chain.travels()) {
            if (!times.containsKey(travel.id())) {
                problems.sentElsewhere(travel);
            }
        }
        for (Travel travel : chain.travels()) {
            if (times.containsKey(travel.id())) {
                end(travel.id(), now);
            }
        }
    }

    private void deliver(Delivery delivery, double now) {
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
        double now = entry.time();
        Deliveries.Sent sent = deliveries.release(delivery, now);
        ActionTimes t = times.get(delivery.id());
        times.put(delivery.id(), new ActionTimes(t.cued(), t.start(), now, t.arrival(), t.end()));
        events.add(new Event(now, Event.Kind.RELEASE, delivery.id(), delivery.who(), sent.ball()));
        expect(sent);
        agenda.add(entry(now + speeds.followThrough(), Kind.END, delivery.id(), now, 0));
    }

    private void expect(Deliveries.Sent sent) {
        String id = sent.delivery().id();
        agenda.add(entry(sent.arrival(), Kind.ARRIVAL, id, sent.release(), sent.version()));
    }

    private void arrive(Entry entry) {
        if (!deliveries.isNewest(entry.action(), entry.version())) {
            return;
        }
        double now = entry.time();
        Deliveries.Sent sent = deliveries.arrive(entry.action(), now);
        ActionTimes t = times.get(entry.action());
        times.put(entry.action(), new ActionTimes(t.cued(), t.start(), t.release(), now, t.end()));
        String who = deliveries.receiver(sent.delivery()).orElse(sent.delivery().who());
        events.add(new Event(now, Event.Kind.ARRIVAL, entry.action(), who, sent.ball()));
        waiting.onArrival(entry.action()).forEach(a -> cue(a, now));
    }

    private void end(String id, double now) {
        ActionTimes t = times.get(id);
        if (!Double.isNaN(t.end())) {
            return;
        }
        times.put(id, new ActionTimes(t.cued(), t.start(), t.release(), t.arrival(), now));
        events.add(new Event(now, Event.Kind.END, id, actions.get(id).who(), null));
        waiting.onEnd(id).forEach(a -> cue(a, now));
    }

    /** Where the line of an action runs that never happens: as chalked, from where its person was to be. */
    private List<Vec> plannedLine(Action action) {
        List<Vec> line = new ArrayList<>(List.of(places.before(action)));
        if (action instanceof Travel travel) {
            line.addAll(places.of(travel.path()));
        } else {
            line.add(places.of(((Delivery) action).to()));
        }
        return line;
    }
}

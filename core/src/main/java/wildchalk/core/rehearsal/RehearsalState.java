package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.ToDoubleBiFunction;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.rehearsal.Agenda.Entry;
import wildchalk.core.rehearsal.Agenda.Kind;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;

/** The state of one run-through: what time it is, what is still to come, who waits for what, and what has happened. */
final class RehearsalState {

    /** What waits where only something that is said does. */
    private static final Action NOBODYS = new Action.Blow("", "", Cue.whistle());

    private final Map<String, Action> actions = new LinkedHashMap<>();
    private final Map<String, Integer> order = new HashMap<>();
    private final Map<String, ActionTimes> times = new HashMap<>();
    private final Map<Trigger, Double> happened = new HashMap<>();
    private final List<Event> events = new ArrayList<>();
    private final Agenda agenda = new Agenda();
    private final Waiting starting = new Waiting(this::counted);
    private final Waiting ending = new Waiting(this::counted);
    private final Waiting said = new Waiting(this::counted);
    private Consumer<Action> onEnd = a -> {};
    private ToDoubleBiFunction<Action, Trigger> reaction = (a, m) -> 0;
    private double now;

    /** @param played in drawing order */
    RehearsalState(Collection<Action> played) {
        for (Action action : played) {
            actions.put(action.id(), action);
            order.put(action.id(), order.size());
        }
        Map<String, Trigger> cues = Waiting.plain(actions.values());
        actions.values().forEach(a -> {
            starting.add(a, cues.get(a.id()));
            Soundness.until(a).ifPresent(u -> ending.add(a, u));
        });
    }

    private void counted(Trigger moment) {
        happened.putIfAbsent(moment, now);
    }

    /** What is to be done when an action ends, before anybody hears of it. */
    void onEnd(Consumer<Action> doing) {
        onEnd = doing;
    }

    /** How many seconds pass between a moment and what somebody begins, or ends, when it comes. */
    void reactingBy(ToDoubleBiFunction<Action, Trigger> seconds) {
        reaction = seconds;
    }

    double now() {
        return now;
    }

    void goOnTo(double time) {
        now = time;
    }

    Collection<Action> actions() {
        return actions.values();
    }

    /** Those that are drawn, and not what somebody does because of what they are at a moment. */
    Collection<Action> drawn() {
        return actions.values().stream().filter(a -> !Duties.isWritten(a.id())).toList();
    }

    Action action(String id) {
        return actions.get(id);
    }

    Map<String, ActionTimes> times() {
        return times;
    }

    Map<Trigger, Double> happened() {
        return happened;
    }

    boolean hasStarted(String action) {
        return times.containsKey(action);
    }

    /** Whether an action is under way. */
    boolean isOn(String action) {
        return times.containsKey(action) && Double.isNaN(times.get(action).end());
    }

    /** In order of time. */
    List<Event> events() {
        events.sort(Comparator.comparingDouble(Event::t));
        return events;
    }

    Agenda agenda() {
        return agenda;
    }

    /** Everything that something waits for, to begin or to end. */
    Collection<Trigger> moments() {
        List<Trigger> all = new ArrayList<>(starting.moments());
        all.addAll(ending.moments());
        return all;
    }

    /** Whether something waits for a moment to come once more. */
    boolean waitsAgainFor(Trigger moment) {
        return starting.stillWaits(moment) || ending.stillWaits(moment) || said.stillWaits(moment);
    }

    /** Lets it be known when a moment comes that only something that is said waits for. */
    void lookOutFor(Trigger moment) {
        moment.parts().stream().filter(p -> p.counted() != p).forEach(p -> said.add(NOBODYS, p));
    }

    /** Lets an action be over at a moment, besides what else ends it. */
    void endsAt(Action action, Trigger moment) {
        ending.add(action, moment);
    }

    void plan(double time, Kind kind, String action) {
        agenda.add(new Entry(time, kind, order.get(action), action, now, 0, null));
    }

    void plan(double time, Kind kind, String action, int version, Trigger moment) {
        agenda.add(new Entry(time, kind, order.get(action), action, now, version, moment));
    }

    void note(Event.Kind kind, String action, String who, String ball) {
        events.add(new Event(now, kind, action, who, ball));
    }

    /** Takes back what was told of an action. */
    void unnote(Event.Kind kind, String action) {
        events.removeIf(e -> e.kind() == kind && e.action().equals(action));
    }

    /** A moment comes: what waits for it is set off, what lasts until it is over. */
    void happens(Trigger moment) {
        happened.putIfAbsent(moment, now);
        said.happens(moment);
        Optional<ActionTimes> together = moment instanceof Cue.With w && hasReacted(w.action())
                ? Optional.of(times.get(w.action()))
                : Optional.empty();
        double cued = together.map(ActionTimes::cued).orElse(now);
        for (Action a : starting.happens(moment)) {
            // Who is told to wait for a while has reacted by then.
            double start =
                    now + Math.max(a.cue().delay(), together.isPresent() ? 0 : reaction.applyAsDouble(a, moment));
            agenda.add(new Entry(start, Kind.START, order.get(a.id()), a.id(), cued, 0, null));
        }
        for (Action a : ending.happens(moment)) {
            double late = isOn(a.id()) ? reaction.applyAsDouble(a, moment) : 0;
            if (late > 0) {
                plan(now + late, Kind.END, a.id());
            } else if (hasStarted(a.id())) {
                end(a.id());
            }
        }
    }

    /**
     * Whether somebody set off after a moment to react: who does something together with them has seen or heard the
     * same and sets off with them. A whistle and a call are heard first.
     */
    private boolean hasReacted(String id) {
        ActionTimes t = times.get(id);
        Action action = actions.get(id);
        return t.start() > t.cued()
                && action.cue().delay() == 0
                && !(action instanceof Action.Call || action instanceof Action.Blow);
    }

    /** Sets off what waits for so long before a moment that is foreseen. */
    void foresee(Trigger moment, double time, int version) {
        for (Action a : starting.waitingJustFor(moment)) {
            if (a.cue().delay() < 0) {
                agenda.add(new Entry(
                        Math.max(now, time + a.cue().delay()),
                        Kind.EARLY_START,
                        order.get(a.id()),
                        a.id(),
                        time,
                        version,
                        moment));
            }
        }
    }

    /** Lets somebody begin something when they are ready for it. */
    void startLater(Action action, double time, double cued) {
        agenda.add(new Entry(time, Kind.START, order.get(action.id()), action.id(), cued, 0, null));
    }

    void begin(Action action, double cued) {
        times.put(action.id(), new ActionTimes(cued, now, Double.NaN, Double.NaN, Double.NaN));
        note(Event.Kind.START, action.id(), action.who(), null);
        happens(new Cue.With(action.id()));
    }

    void released(String id) {
        ActionTimes t = times.get(id);
        times.put(id, new ActionTimes(t.cued(), t.start(), now, t.arrival(), t.end()));
    }

    void arrived(String id) {
        ActionTimes t = times.get(id);
        times.put(id, new ActionTimes(t.cued(), t.start(), t.release(), now, t.end()));
    }

    void end(String id) {
        if (!isOn(id)) {
            return;
        }
        ActionTimes t = times.get(id);
        times.put(id, new ActionTimes(t.cued(), t.start(), t.release(), t.arrival(), now));
        Action action = actions.get(id);
        onEnd.accept(action);
        note(Event.Kind.END, id, action.who(), null);
        happens(new Cue.After(id));
    }

    /** Somebody touches a ball, or a ball something. */
    void touches(String who, String ball) {
        if (who != null) {
            happens(new Cue.Touches(who));
        }
        happens(new Cue.Touches(ball));
    }
}

package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleConsumer;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** Screens that stand, and who of the others runs into one: they are held for a moment, by each once. */
final class Screens {

    /** Whoever comes this near to a screen runs into it, metres; assumed: two half bodies. */
    private static final double INTO = 0.75;
    /** How long a screen holds somebody, seconds; assumed. */
    private static final double HOLDS = 0.7;
    /** Slower than this nobody runs into anybody, m/s; assumed. */
    private static final double RUNS = 0.5;
    /** So often it is looked whether somebody does, seconds. */
    private static final double LOOK = 0.04;

    private final Stage stage;
    private final RehearsalState rep;
    private final Bodies bodies;
    private final Map<String, Event> held = new LinkedHashMap<>();
    private final boolean any;
    private DoubleConsumer onChange = t -> {};

    Screens(Stage stage, RehearsalState rep, Bodies bodies) {
        this.stage = stage;
        this.rep = rep;
        this.bodies = bodies;
        this.any = stage.actions().stream().anyMatch(Screens::isScreen);
    }

    private static boolean isScreen(Action action) {
        return action instanceof Hold h && h.stance() == Hold.Stance.SCREEN;
    }

    /** What is to be done when one is set or over. */
    void onChange(DoubleConsumer doing) {
        onChange = doing;
    }

    /** Somebody begins to stand, or stands no longer. */
    void changed(Hold hold) {
        if (isScreen(hold)) {
            onChange.accept(rep.now());
        }
    }

    /** Those who followed somebody and were held, as events. */
    List<Event> held() {
        return List.copyOf(held.values());
    }

    /** What somebody who follows is in next because a screen holds them; the same when none does. */
    Followed.State held(Shadow shadow, Followed.State now) {
        if (!any) {
            return now;
        }
        if (now.t() < now.until()) {
            return new Followed.State(now.t(), now.at(), Vec.ZERO, now.facing(), now.screen(), now.until());
        }
        for (Action action : rep.actions()) {
            boolean stands =
                    isScreen(action) && stands(action, now.t()) && !action.id().equals(now.screen());
            if (stands && isAgainst(action.who(), shadow.who()) && runsInto(action.who(), now)) {
                held.put(
                        shadow.id() + action.id(),
                        new Event(now.t(), Event.Kind.HELD, action.id(), shadow.who(), null));
                return new Followed.State(now.t(), now.at(), Vec.ZERO, now.facing(), action.id(), now.t() + HOLDS);
            }
        }
        return now;
    }

    /** Whether one stands at a time: how long it will is not known before it is over. */
    private boolean stands(Action screen, double t) {
        ActionTimes times = rep.times().get(screen.id());
        return times != null && times.start() <= t && !(times.end() <= t);
    }

    private boolean runsInto(String screener, Followed.State now) {
        Vec way = bodies.track(screener).at(now.t()).minus(now.at());
        return way.length() <= INTO
                && now.velocity().length() > RUNS
                && now.velocity().dot(way) > 0;
    }

    private boolean isAgainst(String one, String other) {
        return isAgainst(stage, one, other);
    }

    private static boolean isAgainst(Stage stage, String one, String other) {
        return stage.person(one)
                .filter(Piece.Person::isOnATeam)
                .flatMap(a -> stage.person(other).filter(b -> b.isOnATeam() && a.bib() != b.bib()))
                .isPresent();
    }

    /** Whether any are set. */
    static boolean any(Stage stage) {
        return stage.actions().stream().anyMatch(Screens::isScreen);
    }

    /**
     * The stage with those slowed who run into a screen by what was played; the same when nobody does who is not slowed
     * already.
     *
     * @param events what is to be told of it, added to
     */
    static Stage slowed(Stage stage, Timeline timeline, Map<String, Event> events) {
        Stage slowed = stage;
        for (Action action : stage.actions()) {
            if (isScreen(action) && timeline.times(action.id()).isPresent()) {
                ActionTimes stands = timeline.times(action.id()).get();
                for (Action other : stage.actions()) {
                    String key = other.id() + " " + action.id();
                    boolean could = other instanceof Travel && isAgainst(stage, action.who(), other.who());
                    double share = could && !events.containsKey(key)
                            ? share((Travel) other, action.who(), stands, timeline)
                            : Double.NaN;
                    if (!Double.isNaN(share)) {
                        double at = meets(other, share, timeline);
                        events.put(key, new Event(at, Event.Kind.HELD, action.id(), other.who(), null));
                        slowed = slowed.withAction(
                                heldAt(share, slowed.action(other.id()).orElse(other)));
                    }
                }
            }
        }
        return slowed;
    }

    /** A way, as it may be slowed already, on which somebody is held once more. */
    private static Action heldAt(double share, Action way) {
        Travel travel = (Travel) way;
        Craft craft = travel.going().craft();
        List<Craft.Feint> feints = new ArrayList<>(craft.feints());
        feints.add(new Craft.Feint("", share, HOLDS));
        return travel.withGoing(travel.going().crafted(craft.feinting(feints)));
    }

    private static double meets(Action travel, double share, Timeline timeline) {
        ActionTimes times = timeline.times(travel.id()).orElseThrow();
        return times.start() + share * (times.end() - times.start());
    }

    /** How far along a way somebody runs into a screen that stands then, a share; NaN when they do not. */
    private static double share(Travel travel, String screener, ActionTimes stands, Timeline timeline) {
        if (timeline.times(travel.id()).isEmpty()) {
            return Double.NaN;
        }
        ActionTimes times = timeline.times(travel.id()).get();
        double from = Math.max(times.start(), stands.start());
        double until = Math.min(times.end(), Double.isNaN(stands.end()) ? times.end() : stands.end());
        double length = Ruler.length(timeline.line(travel.id()));
        double gone = 0;
        for (double t = times.start(); t < until; t += LOOK) {
            Vec at = timeline.at(travel.who(), t);
            Vec way = timeline.at(screener, t).minus(at);
            Vec ahead = timeline.at(travel.who(), t + LOOK).minus(at);
            if (t >= from && way.length() <= INTO && ahead.length() > RUNS * LOOK && ahead.dot(way) > 0) {
                return length < 0.1 ? Double.NaN : Math.min(1, gone / length);
            }
            gone += ahead.length();
        }
        return Double.NaN;
    }
}

package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.measure.Ruler;
import wildchalk.core.motion.Possession;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** Counts what is done with balls in a finished timeline: touches, dribbles, passes, shots. */
final class Tallies {

    /** Metres that a ball at somebody's feet is carried with one touch; assumed. */
    private static final double PER_TOUCH = 3;
    /** Metres that a ball is carried with one dribble; assumed. */
    private static final double PER_DRIBBLE = 2;

    /** Looked at so long before, seconds, a ball that has not moved farther than that since, metres, lies. */
    private static final double JUST_BEFORE = 0.1;

    private static final double LIES = 0.05;

    /** More than may be: when, by what and whom, and how many in all. */
    record Over(double t, String action, String who, int count) {}

    private final Stage stage;
    private final Timeline timeline;

    Tallies(Stage stage, Timeline timeline) {
        this.stage = stage;
        this.timeline = timeline;
    }

    /** Each time that a count goes over what is allowed. */
    List<Over> over(Limit.AtMost limit) {
        return switch (limit.counted()) {
            case PASSES -> inAll(limit, Action.Pass.class);
            case SHOTS -> inAll(limit, Action.Shot.class);
            default -> eachSpell(limit);
        };
    }

    private List<Over> inAll(Limit.AtMost limit, Class<? extends Action> kind) {
        List<Over> over = new ArrayList<>();
        int n = 0;
        for (Event e : released(kind)) {
            boolean counts = limit.who().filter(w -> !w.equals(e.who())).isEmpty();
            n += counts ? 1 : 0;
            if (counts && n > limit.most()) {
                over.add(new Over(e.t(), e.action(), e.who(), n));
            }
        }
        return over;
    }

    /** Counts anew each time somebody gets a ball. */
    private List<Over> eachSpell(Limit.AtMost limit) {
        List<Over> over = new ArrayList<>();
        for (String ball : timeline.balls()) {
            for (Possession spell : timeline.possessions(ball)) {
                if (limit.who().filter(w -> !w.equals(spell.who())).isEmpty()) {
                    over(limit, spell, isDead(ball, spell)).ifPresent(over::add);
                }
            }
        }
        return over;
    }

    /** Whether a ball lies dead when somebody comes to have it: what they do with it first is their first touch. */
    private boolean isDead(String ball, Possession spell) {
        return spell.from() <= 0
                || timeline.ball(ball, spell.from() - JUST_BEFORE).distance(timeline.ball(ball, spell.from())) < LIES;
    }

    private Optional<Over> over(Limit.AtMost limit, Possession spell, boolean dead) {
        boolean touches = limit.counted() == Limit.Counted.TOUCHES;
        int n = touches && !dead ? 1 : 0;
        Action breaks = null;
        for (Action action : stage.actionsOf(spell.who())) {
            Optional<ActionTimes> times = timeline.times(action.id())
                    .filter(t -> t.start() >= spell.from() - 1e-9 && t.start() <= spell.to() + 1e-9);
            if (times.isPresent()) {
                n += counted(action, touches, dead);
                breaks = breaks == null && n > limit.most() ? action : breaks;
            }
        }
        return breaks == null
                ? Optional.empty()
                : Optional.of(new Over(timeline.times(breaks.id()).orElseThrow().start(), breaks.id(), spell.who(), n));
    }

    private int counted(Action action, boolean touches, boolean dead) {
        if (action instanceof Travel.Carry) {
            return carried(action, touches);
        }
        return touches && isSentOn(action, dead) ? 1 : 0;
    }

    private int carried(Action carry, boolean touches) {
        return (int)
                Math.max(1, Math.round(Ruler.length(timeline.line(carry.id())) / (touches ? PER_TOUCH : PER_DRIBBLE)));
    }

    /** Whether a ball is sent on with a touch of its own. */
    private boolean isSentOn(Action action, boolean dead) {
        return action instanceof Action.Delivery d
                && (dead || d.touch() != Action.Touch.FIRST_TIME)
                && !Double.isNaN(timeline.times(action.id()).orElseThrow().release());
    }

    List<Event> shots() {
        return released(Action.Shot.class);
    }

    private List<Event> released(Class<? extends Action> kind) {
        return timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.RELEASE
                        && stage.action(e.action()).filter(kind::isInstance).isPresent())
                .toList();
    }

    /** Passes that have got there before a time. */
    long received(double before) {
        return timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.ARRIVAL
                        && e.t() < before + 1e-9
                        && stage.action(e.action())
                                .filter(Action.Pass.class::isInstance)
                                .isPresent())
                .count();
    }

    /** The first time that somebody touches a ball; sending one they had from the start counts. */
    Optional<Event> firstTouch(String who) {
        return timeline.events().stream()
                .filter(e -> who.equals(e.who()) && (e.kind() == Event.Kind.TOUCH || e.kind() == Event.Kind.RELEASE))
                .findFirst();
    }
}

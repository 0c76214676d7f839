package wildchalk.core.otherwise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.stroke.CueChoices;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** What it means when an action is pulled along the time: it waits for another moment, or longer for its own. */
public final class Retiming {

    /** Longest time before a moment that somebody can go on, seconds; assumed. */
    private static final double FORESIGHT = 2;

    private static final double STEP = 0.1;

    private Retiming() {}

    /**
     * A moment that something can wait for.
     *
     * @param row id of the person to whom it happens; empty for the whistle
     * @param t seconds after the whistle
     */
    public record Moment(String row, Cue cue, double t) {}

    /** The moments that an action can wait for without waiting for itself. */
    public static List<Moment> moments(Action action, Stage stage, Timeline timeline) {
        List<Moment> moments = new ArrayList<>();
        moments.add(new Moment("", Cue.whistle(), 0));
        for (Action other : stage.actions()) {
            Optional<ActionTimes> times = timeline.times(other.id());
            boolean own = other.who().equals(action.who());
            if (times.isPresent() && !own && !CueChoices.waitsFor(other, action, stage)) {
                moments.addAll(of(other, times.get(), timeline));
            }
        }
        if (stage.actionsOf(action.who()).indexOf(action) > 0) {
            lastEnd(action, stage, timeline).ifPresent(t -> moments.add(new Moment(action.who(), Cue.next(), t)));
        }
        return moments;
    }

    private static List<Moment> of(Action other, ActionTimes t, Timeline timeline) {
        List<Moment> moments = new ArrayList<>();
        moments.add(new Moment(other.who(), Cue.with(other.id()), t.start()));
        if (other instanceof Travel) {
            moments.add(new Moment(other.who(), Cue.after(other.id()), t.end()));
        } else if (t.release() > t.start() + STEP) {
            moments.add(new Moment(other.who(), new Cue(new Cue.Released(other.id()), 0), t.release()));
        }
        if (!Double.isNaN(t.arrival())) {
            moments.add(new Moment(receiver(other, timeline), Cue.received(other.id()), t.arrival()));
        }
        return moments;
    }

    /** Whom a ball gets to; whoever sent it, when that is nobody. */
    private static String receiver(Action sent, Timeline timeline) {
        return timeline.events().stream()
                .filter(e -> e.action().equals(sent.id()) && e.kind() == Event.Kind.ARRIVAL && e.who() != null)
                .map(Event::who)
                .reduce((a, b) -> b)
                .orElse(sent.who());
    }

    /**
     * The cue of an action that is pulled to another start.
     *
     * @param row whose row the hand is over: near a moment of theirs the action is tied to it; empty for the whistle
     * @param start where the hand has pulled its start, seconds after the whistle
     * @param reach how near a moment the hand must be, seconds
     */
    public static Cue pulled(Action action, Stage stage, Timeline timeline, String row, double start, double reach) {
        Optional<Moment> near = moments(action, stage, timeline).stream()
                .filter(m -> m.row().equals(row) && Math.abs(m.t() - start) <= reach)
                .min(Comparator.comparingDouble(m -> Math.abs(m.t() - start)));
        if (near.isPresent()) {
            return near.get().cue();
        }
        OptionalDouble waitedFor = action.cue().trigger().followsOwn()
                ? lastEnd(action, stage, timeline)
                : timeline.moment(action.cue().trigger());
        if (waitedFor.isEmpty()) {
            return action.cue();
        }
        double later = start - waitedFor.getAsDouble();
        // Within the time in which somebody reacts there is nothing to wait for.
        double reacts = action.cue().delay() == 0
                ? timeline.times(action.id()).map(t -> t.start() - t.cued()).orElse(0.0)
                : 0;
        double delay = later > 0 && later <= reacts + STEP / 2 ? 0 : Math.round(later / STEP) * STEP;
        double least = isForeseen(action.cue()) ? Math.max(-FORESIGHT, -waitedFor.getAsDouble()) : 0;
        // A tenth is no exact number: it is kept as people write it.
        return action.cue().delayed(Math.round(Math.max(least, delay) * 10) / 10.0);
    }

    private static OptionalDouble lastEnd(Action action, Stage stage, Timeline timeline) {
        List<Action> own = stage.actionsOf(action.who());
        int i = own.indexOf(action);
        return i <= 0
                ? OptionalDouble.of(0)
                : timeline.times(own.get(i - 1).id())
                        .map(t -> OptionalDouble.of(t.end()))
                        .orElse(OptionalDouble.empty());
    }

    /** Whether its moment can be seen coming, so that somebody can go on a little before it. */
    public static boolean isForeseen(Cue cue) {
        return cue.trigger() instanceof Cue.Received || cue.trigger() instanceof Cue.After;
    }
}

package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/** What could set an action off, in the order in which a key goes through it. */
public final class CueChoices {

    private CueChoices() {}

    /** So many choices are likely. */
    private static final int LIKELY = 6;
    /** Whoever has gone so far has moved, metres; assumed. */
    private static final double MOVED = 1;

    /**
     * The choices as a list shows them.
     *
     * @param likely those that are meant most often, likeliest first
     * @param others all others, in the order of time; what never comes last
     */
    public record Sorted(List<Cue> likely, List<Cue> others) {}

    /**
     * Likely are what somebody just did or received, the whistle, and what happens shortly before they set off.
     *
     * @param timeline of the stage
     */
    public static Sorted sorted(Action action, Stage stage, Timeline timeline) {
        List<Cue> all = of(action, stage);
        double now = timeline.times(action.id()).map(ActionTimes::cued).orElse(0.0);
        List<Cue> likely = all.stream()
                .sorted(Comparator.comparingDouble(c -> unlikely(c, action, stage, timeline, now)))
                .limit(LIKELY)
                .toList();
        List<Cue> others = all.stream()
                .filter(c -> !likely.contains(c))
                .sorted(Comparator.comparingDouble(c -> timeline.moment(c).orElse(Double.MAX_VALUE)))
                .toList();
        return new Sorted(likely, others);
    }

    /**
     * The mate who runs nearer the middle and is not waited for: whoever holds their own run until that one has moved
     * waits until they have gone a metre. Empty where there is none.
     */
    public static Optional<Cue> insideHasMoved(Action action, Stage stage) {
        Optional<Piece.Person> own = stage.person(action.who());
        return own.flatMap(o -> stage.actions().stream()
                .filter(a -> a instanceof Travel && !a.who().equals(o.id()) && !waitsFor(a, action, stage))
                .filter(a -> stage.person(a.who())
                        .filter(p -> p.isOnATeam() && p.bib() == o.bib() && Math.abs(p.at().y()) < Math.abs(o.at().y()))
                        .isPresent())
                .min(Comparator.comparingDouble(
                        a -> stage.person(a.who()).orElseThrow().at().distance(o.at())))
                .map(a -> new Cue(new Cue.Gone(a.id(), MOVED), 0)));
    }

    /** How unlikely a choice is: so many seconds away as it comes, and more for what comes later. */
    private static double unlikely(Cue cue, Action action, Stage stage, Timeline timeline, double now) {
        boolean own = cue.trigger().followsOwn()
                || cue.trigger() instanceof Cue.Received r
                        && stage.action(r.action())
                                .flatMap(Action::receiver)
                                .filter(action.who()::equals)
                                .isPresent();
        if (own) {
            return -1;
        }
        double away = timeline.moment(cue).orElse(Double.MAX_VALUE / 4) - now;
        boolean whistle = cue.trigger() instanceof Cue.Whistle;
        return whistle ? -0.5 : Math.abs(away) * (away > 0 ? 3 : 1);
    }

    /**
     * The whistle, going on after one's own last, every ball as it gets there, every start of somebody else's action,
     * and every end of a path.
     */
    public static List<Cue> of(Action action, Stage stage) {
        Set<Cue> choices = new LinkedHashSet<>();
        choices.add(Cue.whistle());
        List<Action> own = stage.actionsOf(action.who());
        if (own.indexOf(action) > 0) {
            choices.add(Cue.next());
        }
        for (Action other : stage.actions()) {
            if (!other.id().equals(action.id()) && !waitsFor(other, action, stage)) {
                if (other instanceof Action.Delivery) {
                    choices.add(Cue.received(other.id()));
                }
                if (!other.who().equals(action.who())) {
                    choices.add(Cue.with(other.id()));
                    if (other instanceof Travel) {
                        choices.add(Cue.after(other.id()));
                    }
                }
            }
        }
        return List.copyOf(choices);
    }

    /** The choice after the one that the action has, with its delay kept. */
    public static Cue after(Action action, Stage stage) {
        List<Cue> choices = new ArrayList<>(of(action, stage));
        int now = choices.indexOf(action.cue().delayed(0));
        // What cannot be foreseen cannot be anticipated.
        return choices.get((now + 1) % choices.size())
                .delayed(Math.max(0, action.cue().delay()));
    }

    /** Whether {@code action} is set off, by whatever detour, by {@code first}: tying that back would make a circle. */
    public static boolean waitsFor(Action action, Action first, Stage stage) {
        Action at = action;
        for (int guard = 0; guard <= stage.actions().size(); guard++) {
            if (at.id().equals(first.id())) {
                return true;
            }
            List<Action> own = stage.actionsOf(at.who());
            int i = own.indexOf(at);
            String before = at.cue().trigger().followsOwn() && i > 0
                    ? own.get(i - 1).id()
                    : at.cue().trigger().of().orElse("");
            if (stage.action(before).isEmpty()) {
                return false;
            }
            at = stage.action(before).get();
        }
        return true;
    }
}

package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;

/** What could set an action off, in the order in which a key goes through it. */
public final class CueChoices {

    private CueChoices() {}

    /** The whistle, going on after one's own last, every pass received, every start of somebody else's action. */
    public static List<Cue> of(Action action, Stage stage) {
        Set<Cue> choices = new LinkedHashSet<>();
        choices.add(Cue.whistle());
        List<Action> own = stage.actionsOf(action.who());
        if (own.indexOf(action) > 0) {
            choices.add(Cue.next());
        }
        for (Action other : stage.actions()) {
            if (!other.id().equals(action.id()) && !waitsFor(other, action, stage)) {
                if (other instanceof Action.Pass) {
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

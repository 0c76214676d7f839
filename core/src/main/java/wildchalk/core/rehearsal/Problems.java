package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Soundness;
import wildchalk.core.drill.Stage;

/** Puts into words what cannot happen as drawn, one problem for each action. */
final class Problems {

    private final Stage stage;
    private final Map<String, Problem> found = new LinkedHashMap<>();
    private final Set<String> dropped = new HashSet<>();

    Problems(Stage stage) {
        this.stage = stage;
    }

    List<Problem> found() {
        return List.copyOf(found.values());
    }

    boolean isDropped(String action) {
        return dropped.contains(action);
    }

    /** Whether an action has somebody to do it and goes to real places; if not, says so. */
    boolean canBePlayed(Action action, Places places) {
        if (stage.person(action.who()).isEmpty()) {
            add(action, "nobody is there to do this: give it to a person who is on the surface");
            return false;
        }
        boolean real = Double.isFinite(action.cue().delay())
                && Soundness.spots(action).stream().allMatch(spot -> places.of(spot).isFinite());
        if (!real || Soundness.spots(action).isEmpty()) {
            add(action, "this goes nowhere: draw it again");
            return false;
        }
        return true;
    }

    void noBall(Action action) {
        String name = name(action.who());
        add(action, name + " has no ball here: give " + name
                + " one, or let this wait until " + name + " receives a pass");
    }

    void sentElsewhere(Action action) {
        dropped.add(action.id());
        add(action, name(action.who()) + " never gets to this: they are sent another way first. "
                + "Set it off by something that comes later");
    }

    /** Says of every action that never started what it waits for in vain. */
    void neverStarted(Collection<Action> actions, Set<String> started) {
        for (Action action : actions) {
            if (!started.contains(action.id()) && !dropped.contains(action.id())) {
                add(action, inCircle(action)
                        ? "this waits for itself in a circle: set one of them off by the whistle"
                        : vain(action));
            }
        }
    }

    private String vain(Action action) {
        Optional<Action> other = waitsFor(action);
        if (other.isEmpty()) {
            return "this waits for something that is not there: choose what sets it off";
        }
        String who = name(other.get().who());
        if (action.cue().trigger() instanceof Cue.Received) {
            return "this waits for a ball from " + who + " that never comes: choose what sets it off";
        }
        return "this waits for something by " + who + " that never happens: choose what sets it off";
    }

    private boolean inCircle(Action action) {
        Set<String> seen = new HashSet<>();
        Optional<Action> next = Optional.of(action);
        while (next.isPresent() && seen.add(next.get().id())) {
            next = waitsFor(next.get());
        }
        return next.filter(a -> a.id().equals(action.id())).isPresent();
    }

    private Optional<Action> waitsFor(Action action) {
        if (action.cue().trigger() instanceof Cue.Next) {
            List<Action> own = stage.actionsOf(action.who());
            int i = own.indexOf(action);
            return i > 0 ? Optional.of(own.get(i - 1)) : Optional.empty();
        }
        return action.cue().trigger().of().flatMap(stage::action);
    }

    private void add(Action action, String message) {
        found.putIfAbsent(action.id(), new Problem(action.id(), message));
    }

    private String name(String who) {
        return stage.person(who).map(Piece.Person::label).filter(l -> !l.isBlank()).orElse("this person");
    }
}

package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Travel;

/** Which actions wait for which moment: for one, for all of several, or for the first of several. */
final class Waiting {

    /** One action that waits; with several moments to come it waits for the last of them. */
    private static final class Wait {
        private final Action action;
        private final Trigger whole;
        private final Set<Trigger> toCome = new HashSet<>();
        private boolean over;

        Wait(Action action, Trigger whole) {
            this.action = action;
            this.whole = whole;
        }
    }

    private final Map<Trigger, List<Wait>> waits = new HashMap<>();

    /** Lets an action wait. */
    void add(Action action, Trigger trigger) {
        Wait wait = new Wait(action, trigger);
        if (trigger instanceof Cue.AllOf) {
            wait.toCome.addAll(trigger.parts());
        }
        new HashSet<>(trigger.parts())
                .forEach(t -> waits.computeIfAbsent(t, k -> new ArrayList<>()).add(wait));
    }

    /**
     * The actions that a moment sets off, each once, in the order in which they began to wait. Of what comes more than
     * once, a call, a touch, somebody who comes by, each time sets off the next way of a person: nobody goes two at
     * once.
     */
    List<Action> happens(Trigger moment) {
        List<Wait> waiting = waits.get(moment);
        if (waiting == null) {
            return List.of();
        }
        List<Action> off = new ArrayList<>();
        Set<String> going = new HashSet<>();
        for (Wait wait : waiting) {
            wait.toCome.remove(moment);
            boolean next = !comesAgain(moment) || !movesTheBody(wait.action) || !going.contains(wait.action.who());
            if (!wait.over && wait.toCome.isEmpty() && next) {
                going.add(wait.action.who());
                wait.over = true;
                off.add(wait.action);
            }
        }
        return off;
    }

    private static boolean movesTheBody(Action action) {
        return action instanceof Travel || action instanceof Action.Shadow || action instanceof Action.Hold;
    }

    private static boolean comesAgain(Trigger moment) {
        return moment instanceof Cue.Called || moment instanceof Cue.Touches || Watches.isWatched(moment);
    }

    /** Whether somebody waits for a moment that has come to come once more. */
    boolean stillWaits(Trigger moment) {
        return comesAgain(moment)
                && waits.getOrDefault(moment, List.of()).stream().anyMatch(w -> !w.over);
    }

    /** The actions that wait for one moment and for nothing else. */
    List<Action> waitingJustFor(Trigger moment) {
        return waits.getOrDefault(moment, List.of()).stream()
                .filter(w -> !w.over && w.whole.equals(moment))
                .map(w -> w.action)
                .toList();
    }

    /** Every single moment that somebody waits for. */
    Set<Trigger> moments() {
        return waits.keySet();
    }

    /** What sets each action off, with "next" and "nothing before it" made plain. */
    static Map<String, Trigger> plain(Collection<Action> actions) {
        Map<String, Trigger> plain = new HashMap<>();
        Map<String, String> lastOf = new HashMap<>();
        for (Action action : actions) {
            String before = lastOf.put(action.who(), action.id());
            plain.put(action.id(), plain(action.cue().trigger(), before));
        }
        return plain;
    }

    private static Trigger plain(Trigger trigger, String before) {
        return trigger.match(new Cue.Families<>() {
            @Override
            public Trigger ofAction(Trigger moment) {
                return moment;
            }

            @Override
            public Trigger several(Cue.Several several) {
                return several.with(
                        several.parts().stream().map(t -> plain(t, before)).toList());
            }

            @Override
            public Trigger next(Cue.Next next) {
                return before == null ? new Cue.Whistle() : new Cue.After(before);
            }

            @Override
            public Trigger whistle(Cue.Whistle whistle) {
                return whistle;
            }

            @Override
            public Trigger called(Cue.Called called) {
                return called;
            }

            @Override
            public Trigger touches(Cue.Touches touches) {
                return touches;
            }

            @Override
            public Trigger enters(Cue.Enters enters) {
                return enters;
            }

            @Override
            public Trigger crosses(Cue.Crosses crosses) {
                return crosses;
            }

            @Override
            public Trigger near(Cue.Near near) {
                return near;
            }
        });
    }
}

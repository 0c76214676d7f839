package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.CueCases;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Travel;

/** Which actions wait for which moment: for one, for all of several, or for the first of several. */
final class Waiting {

    /** One moment that is waited for: once, or for a certain time that it comes. */
    private static final class Part {
        private final Trigger trigger;
        private final Trigger moment;
        private final Optional<Trigger> since;
        private int left;
        private boolean come;

        Part(Trigger trigger) {
            this.trigger = trigger;
            this.moment = trigger.counted();
            this.left = trigger instanceof Cue.Occurrence o ? o.nth() : 1;
            this.since = trigger instanceof Cue.Occurrence o ? o.since().map(Cue.After::new) : Optional.empty();
        }
    }

    /** One action that waits; with several moments to come it waits for the last of them. */
    private static final class Wait {
        private final Action action;
        private final Trigger whole;
        private final List<Part> parts;
        private boolean over;

        Wait(Action action, Trigger whole) {
            this.action = action;
            this.whole = whole;
            List<Trigger> all = whole.parts();
            this.parts = all.size() == 1
                    ? List.of(new Part(all.get(0)))
                    : all.stream().distinct().map(Part::new).toList();
        }

        /** Whether all, or of several any, that is waited for has come. */
        boolean isThere() {
            boolean all = whole instanceof Cue.AllOf;
            for (Part part : parts) {
                if (part.come != all) {
                    return !all;
                }
            }
            return all;
        }

        /** Whether it waits for a certain time of a moment. */
        boolean counts(Trigger moment) {
            for (Part part : parts) {
                if (part.trigger != part.moment && part.moment.equals(moment)) {
                    return true;
                }
            }
            return false;
        }
    }

    private final Map<Trigger, List<Wait>> waits = new HashMap<>();
    /** From which moments on something is counted, and which of these have come. */
    private final Set<Trigger> sinces = new HashSet<>();

    private final Set<Trigger> begun = new HashSet<>();
    private final Consumer<Trigger> onCounted;

    /** @param onCounted told when a certain time of a moment has come */
    Waiting(Consumer<Trigger> onCounted) {
        this.onCounted = onCounted;
    }

    /** Lets an action wait. */
    void add(Action action, Trigger trigger) {
        Wait wait = new Wait(action, trigger);
        Set<Trigger> moments = new HashSet<>();
        for (Part part : wait.parts) {
            part.since.ifPresent(sinces::add);
            if (moments.add(part.moment)) {
                waits.computeIfAbsent(part.moment, k -> new ArrayList<>()).add(wait);
            }
        }
    }

    /**
     * The actions that a moment sets off, each once, in the order in which they began to wait. Of what comes more than
     * once, a call, a touch, somebody who comes by, each time sets off the next way of a person: nobody goes two at
     * once. Who waits for a certain time of it does not count as one of those.
     */
    List<Action> happens(Trigger moment) {
        if (sinces.contains(moment)) {
            begun.add(moment);
        }
        List<Wait> waiting = waits.get(moment);
        if (waiting == null) {
            return List.of();
        }
        List<Action> off = new ArrayList<>();
        Set<String> going = new HashSet<>();
        for (Wait wait : waiting) {
            boolean there = comes(wait, moment);
            boolean counts = wait.counts(moment);
            boolean next =
                    counts || !comesAgain(moment) || !movesTheBody(wait.action) || !going.contains(wait.action.who());
            if (!wait.over && there && next) {
                if (!counts) {
                    going.add(wait.action.who());
                }
                wait.over = true;
                off.add(wait.action);
            }
        }
        return off;
    }

    /** Counts a moment; whether all that is waited for is there now. */
    private boolean comes(Wait wait, Trigger moment) {
        for (Part part : wait.parts) {
            boolean counting = part.since.filter(s -> !begun.contains(s)).isEmpty();
            if (part.moment.equals(moment) && counting && !part.come) {
                part.left--;
                part.come = part.left == 0;
                if (part.come && part.trigger != part.moment) {
                    onCounted.accept(part.trigger);
                }
            }
        }
        return wait.isThere();
    }

    private static boolean movesTheBody(Action action) {
        return action instanceof Travel || action instanceof Shadow || action instanceof Hold;
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
        return trigger.match(new CueCases.Families<>() {
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
            public Trigger occurrence(Cue.Occurrence occurrence) {
                return occurrence;
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
            public Trigger dead(Cue.Dead dead) {
                return dead;
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

package wildchalk.core.script;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/**
 * Which people go the other way than the surface is named for, so that its goal is their own and its left their right.
 * Who only looks after the goal that others attack does not: both are told from the side of the attack, as coaches do.
 *
 * @param fixed of the teams that never change ends, whether they go the other way
 * @param moments when something comes, seconds; empty for what never does
 * @param begins when somebody begins something, seconds
 */
record Sides(
        Ends ends, Map<Bib, Boolean> fixed, Function<Cue, OptionalDouble> moments, ToDoubleFunction<Action> begins) {

    private static Map<Bib, Boolean> fixed(Ends ends) {
        Map<Bib, Boolean> fixed = new EnumMap<>(Bib.class);
        ends.teams().stream()
                .filter(b -> ends.changes(b).isEmpty())
                .forEach(b -> fixed.put(b, isTurned(ends.atStart(b))));
        return fixed;
    }

    /** As things are in a rep. */
    static Sides of(Stage stage, Surface surface, Timeline timeline) {
        Ends ends = new Ends(stage, surface);
        return new Sides(ends, fixed(ends), timeline::moment, a -> timeline.times(a.id())
                .map(ActionTimes::start)
                .orElse(0.0));
    }

    /** As things are before the rep. */
    static Sides atStart(Stage stage, Surface surface) {
        Ends ends = new Ends(stage, surface);
        return new Sides(ends, fixed(ends), c -> OptionalDouble.empty(), a -> 0);
    }

    /** Whether what is ahead of whoever does something, as they begin it, is what the surface calls its own end. */
    boolean isTurned(Action action) {
        return isTurned(action.who(), begins.applyAsDouble(action));
    }

    /** Whether what is ahead of somebody as a moment comes is what the surface calls its own end. */
    boolean isTurned(String who, Cue.Trigger moment) {
        return isTurned(who, moments.apply(new Cue(moment, 0)).orElse(0));
    }

    /** Whether what is ahead of somebody at a time is what the surface calls its own end. */
    private boolean isTurned(String who, double t) {
        Optional<Bib> team = ends.team(who);
        return team.isPresent()
                && (fixed.containsKey(team.get()) ? fixed.get(team.get()) : isTurned(ends.at(team.get(), moments, t)));
    }

    private static boolean isTurned(Optional<Ends.Known> known) {
        return known.filter(k -> k.end() == End.OWN_GOAL && goesThere(k)).isPresent();
    }

    private static boolean goesThere(Ends.Known known) {
        return switch (known.why()) {
            case SAID, THEY_SHOOT, BEGIN -> true;
            case OTHERS_SHOOT, KEEPER -> false;
        };
    }
}

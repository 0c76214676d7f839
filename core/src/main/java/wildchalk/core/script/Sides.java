package wildchalk.core.script;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.End;
import wildchalk.core.drill.Ends;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/**
 * Which people go the other way than the surface is named for, so that its goal is their own and its left their right.
 * Who only looks after the goal that others attack does not: both are told from the side of the attack, as coaches do.
 *
 * @param moments when something comes, seconds; empty for what never does
 * @param begins when somebody begins something, seconds
 */
record Sides(Ends ends, Function<Cue, OptionalDouble> moments, ToDoubleFunction<Action> begins) {

    /** As things are in a rep. */
    static Sides of(Stage stage, Surface surface, Timeline timeline) {
        return new Sides(new Ends(stage, surface), timeline::moment, a -> timeline.times(a.id())
                .map(ActionTimes::start)
                .orElse(0.0));
    }

    /** As things are before the rep. */
    static Sides atStart(Stage stage, Surface surface) {
        return new Sides(new Ends(stage, surface), c -> OptionalDouble.empty(), a -> 0);
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
        return team.flatMap(b -> ends.at(b, moments, t))
                .filter(k -> k.end() == End.OWN_GOAL && goesThere(k))
                .isPresent();
    }

    private static boolean goesThere(Ends.Known known) {
        return switch (known.why()) {
            case SAID, THEY_SHOOT, BEGIN -> true;
            case OTHERS_SHOOT, KEEPER -> false;
        };
    }
}

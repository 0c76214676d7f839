package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Stage;
import wildchalk.core.motion.Abilities;
import wildchalk.core.motion.Speeds;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** Works a whole stage out: cues become times, times become positions. */
public final class Rehearsal {

    private Rehearsal() {}

    /**
     * The timeline of a stage with the surface's usual speeds for those who are on it. Never fails: what cannot happen
     * is a problem in it.
     */
    public static Timeline of(Stage stage, Surface surface) {
        return of(stage, surface, Abilities.speeds(stage, surface));
    }

    /** The same with reads going the way they are chosen. */
    public static Timeline of(Stage stage, Surface surface, Choices choices) {
        return of(stage, surface, Abilities.speeds(stage, surface), choices);
    }

    /** The same with people and balls as fast as that. */
    public static Timeline of(Stage stage, Surface surface, Speeds speeds) {
        return of(stage, surface, speeds, Choices.NONE);
    }

    /**
     * The same with people and balls as fast as that and reads going the way they are chosen. Never fails; see
     * {@link Timeline#problems}. What is not chosen is worked out when it is asked for ({@link Timeline#otherWays}).
     */
    public static Timeline of(Stage stage, Surface surface, Speeds speeds, Choices choices) {
        Surface marked = stage.marked(surface);
        AllWays ways = new AllWays(
                stage,
                chosen -> new Decisions(
                                stage,
                                marked,
                                chosen,
                                c -> Duties.played(stage, marked, s -> played(s, marked, speeds, c)))
                        .timeline(),
                timeline -> Collisions.told(stage, Limits.judged(stage, marked, timeline)));
        return ways.lookedAt(choices);
    }

    /** Played until everybody who comes too soon to meet a ball waits for it: once, where nobody does. */
    private static Timeline played(Stage stage, Surface surface, Speeds speeds, Choices choices) {
        Set<String> waits = new HashSet<>();
        Map<String, Event> held = new LinkedHashMap<>();
        Stage played = stage;
        while (true) {
            Simulation simulation = new Simulation(played, surface, speeds, choices, Set.copyOf(waits));
            Timeline timeline = simulation.run();
            Stage slowed = Screens.any(played) ? Screens.slowed(played, timeline, held) : played;
            boolean again = slowed != played;
            played = slowed;
            if (!waits.addAll(simulation.late()) && !again) {
                List<Event> all = new ArrayList<>(held.values());
                all.addAll(simulation.held());
                return all.isEmpty() ? timeline : timeline.with(all, List.of());
            }
        }
    }
}

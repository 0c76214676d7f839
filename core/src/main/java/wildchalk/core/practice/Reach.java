package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Footprint;
import wildchalk.core.timeline.Timeline;

/**
 * Where people and balls of a drill get to, whichever way its reads go.
 *
 * @param runs where everybody is, one place after another, metres; a single one for who stands
 * @param flights ways of balls that are sent
 */
public record Reach(List<List<Vec>> runs, List<Flight> flights) {

    /** Nobody and nothing. */
    public static final Reach NONE = new Reach(List.of(), List.of());

    /** How often it is looked where everybody is, seconds. */
    private static final double STEP = 0.25;
    /** Nothing that a coach practises goes on for longer in one rep, seconds; assumed. */
    private static final double LONGEST = 120;
    /** Nearer to the last place nobody has got on, metres. */
    private static final double ON = 0.5;

    /**
     * The way of a ball.
     *
     * @param way at least two places, metres
     * @param shot whether it is at a goal
     */
    public record Flight(List<Vec> way, boolean shot) {
        public Flight {
            way = List.copyOf(way);
        }
    }

    public Reach {
        runs = runs.stream().map(List::copyOf).toList();
        flights = List.copyOf(flights);
    }

    /** That of a rung, one way through. */
    static Reach of(Stage stage, Timeline timeline) {
        double until = Math.min(LONGEST, timeline.duration());
        List<List<Vec>> runs = new ArrayList<>();
        for (String person : timeline.people()) {
            List<Vec> run = new ArrayList<>();
            for (double t = 0; t < until + STEP; t += STEP) {
                Vec at = timeline.at(person, Math.min(t, until));
                if (run.isEmpty() || run.get(run.size() - 1).distance(at) >= ON) {
                    run.add(at);
                }
            }
            runs.add(run);
        }
        stage.people().stream()
                .filter(Piece.LineUp.class::isInstance)
                .map(p -> Footprint.queue((Piece.LineUp) p))
                .filter(q -> !q.isEmpty())
                .forEach(runs::add);
        List<Flight> flights = new ArrayList<>();
        timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.RELEASE && e.ball() != null)
                .forEach(e -> flights.add(flight(stage, timeline, e)));
        return new Reach(runs, flights);
    }

    private static Flight flight(Stage stage, Timeline timeline, Event sent) {
        double end = timeline.events().stream()
                .filter(e -> e.t() > sent.t() && sent.ball().equals(e.ball()) && e.kind() != Event.Kind.RELEASE)
                .filter(e -> e.kind() != Event.Kind.TOUCH || e.who() != null)
                .mapToDouble(Event::t)
                .min()
                .orElse(timeline.duration());
        List<Vec> way = new ArrayList<>();
        int steps = (int) Math.ceil((end - sent.t()) / STEP);
        for (int i = 0; i <= steps; i++) {
            way.add(timeline.ball(sent.ball(), Math.min(end, sent.t() + i * STEP)));
        }
        boolean shot = stage.action(sent.action())
                .filter(Action.Shot.class::isInstance)
                .isPresent();
        return new Flight(way, shot);
    }

    /** Both together; what is the same is there once. */
    Reach and(Reach other) {
        Set<List<Vec>> all = new HashSet<>();
        List<List<Vec>> both = new ArrayList<>();
        for (List<List<Vec>> each : List.of(runs, other.runs)) {
            each.stream().filter(all::add).forEach(both::add);
        }
        Set<Flight> seen = new HashSet<>();
        List<Flight> sent = new ArrayList<>();
        for (List<Flight> each : List.of(flights, other.flights)) {
            each.stream().filter(seen::add).forEach(sent::add);
        }
        return new Reach(both, sent);
    }

    /** The same with every place somewhere else. */
    public Reach at(UnaryOperator<Vec> place) {
        return new Reach(
                runs.stream().map(r -> r.stream().map(place).toList()).toList(),
                flights.stream()
                        .map(f -> new Flight(f.way().stream().map(place).toList(), f.shot()))
                        .toList());
    }
}

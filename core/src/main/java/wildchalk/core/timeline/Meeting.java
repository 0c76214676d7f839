package wildchalk.core.timeline;

import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;

/**
 * How a ball and whoever runs came together in a rep: who waited for whom.
 *
 * @param stage that was rehearsed
 * @param timeline of it
 */
public record Meeting(Stage stage, Timeline timeline) {

    /** Who has the ball no longer than this from when they could play it does not hold it, seconds; assumed. */
    private static final double HOLDS = 1;
    /** Who stands at the place for longer than this waits there, seconds; assumed. */
    private static final double WAITS = 0.3;
    /** Nearer than this two places are one, metres. */
    private static final double THERE = 0.1;

    private static final double STEP = 0.05;

    /** A part of a rep, seconds after the whistle. */
    public record Span(double from, double to) {}

    /** Whether a pass is met on a line, as it was drawn. */
    public boolean isMet(Action action) {
        return action.met().isPresent()
                && timeline.times(action.id())
                        .filter(t -> Double.isFinite(t.arrival()))
                        .isPresent()
                && timeline.problems().stream()
                        .noneMatch(p -> p.action().equals(action.id()) && p.kind() == Problem.Kind.NO_MEETING);
    }

    /** How long somebody holds a ball that they could play, so that it is met; empty for who plays it on at once. */
    public Optional<Span> held(Action action) {
        return isMet(action)
                ? timeline.times(action.id())
                        .filter(t -> t.release() - t.start() > HOLDS)
                        .map(t -> new Span(t.start(), t.release()))
                : Optional.empty();
    }

    /** How long whoever a pass is for stands at the place and waits for it; empty for who does not. */
    public Optional<Span> awaited(Action.Pass pass) {
        if (!isMet(pass)) {
            return Optional.empty();
        }
        String who = pass.receiver().orElseThrow();
        double arrival = timeline.times(pass.id()).orElseThrow().arrival();
        Vec place = timeline.at(who, arrival);
        double from = arrival;
        while (from > 0 && timeline.at(who, from - STEP).distance(place) < THERE) {
            from -= STEP;
        }
        return arrival - from >= WAITS ? Optional.of(new Span(from, arrival)) : Optional.empty();
    }

    /** How long somebody stands on a path, or at its end, and waits for a ball; empty for who goes on at once. */
    public Optional<Span> waited(Travel travel) {
        return stage.actions().stream()
                .filter(a -> a.met().filter(o -> o.line().equals(travel.id())).isPresent())
                .flatMap(a -> awaited((Action.Pass) a).stream())
                .findFirst();
    }
}

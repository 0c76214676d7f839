package wildchalk.handout.order;

import java.util.List;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.Replay;
import wildchalk.core.geometry.Vec;

/**
 * Some reps of a rung, one after another, played by those who are drawn.
 *
 * @param seconds until when they are shown: everybody has moved on from the last one, or has had the time to
 */
public record RepsPlayed(Stage stage, Replay replay, List<Double> starts, double seconds) {

    /** So long it is played at most to see some reps, minutes. */
    private static final double MINUTES = 10;
    /** After the last rep people are seen moving on for so long, seconds; assumed. */
    private static final double AFTER = 5;

    public RepsPlayed {
        starts = List.copyOf(starts);
    }

    /**
     * The first reps of a rung.
     *
     * @param unit the radius of a token as it is drawn, metres
     * @return empty where nobody takes turns, or it does not come to so many
     */
    public static Optional<RepsPlayed> of(Played rung, int reps, double unit) {
        if (rung.stage().people().stream().noneMatch(Piece.LineUp.class::isInstance)) {
            return Optional.empty();
        }
        Flows flows = new Flows(rung.stage(), rung.surface(), rung.rung().plan().dose());
        int drawn = rung.stage().people().stream()
                .filter(p -> !(p instanceof Piece.Coach))
                .mapToInt(p -> p instanceof Piece.LineUp l ? 1 + l.waiting() : 1)
                .sum();
        Replay replay = flows.replay(Flows.Asked.of(Math.min(Flows.MOST_PEOPLE, drawn), MINUTES, 1), unit);
        List<Flow.Rep> all = replay.flow().reps();
        List<Double> starts =
                all.stream().map(Flow.Rep::t).distinct().limit(reps).toList();
        if (starts.size() < reps) {
            return Optional.empty();
        }
        double last = starts.get(reps - 1);
        double over = all.stream()
                .filter(r -> r.t() <= last)
                .mapToDouble(Flow.Rep::over)
                .max()
                .orElse(last);
        return Optional.of(new RepsPlayed(
                rung.stage(), replay, starts, Math.min(replay.flow().seconds(), over + AFTER)));
    }

    /** Somebody in the token of a role. */
    public Piece.Person wearing(String role, String letter) {
        Optional<Piece.Person> as = stage.person(role);
        if (as.isPresent() && as.get() instanceof Piece.Goalkeeper keeper) {
            return new Piece.Goalkeeper(keeper.id(), Vec.ZERO, 0, letter, keeper.bib());
        }
        Bib bib = as.map(Piece.Person::bib).orElse(Bib.CHALK);
        return new Piece.Player(role, Vec.ZERO, 0, letter, bib);
    }

    /** The number of the rep that has begun last at a time, from 1. */
    public int rep(double t) {
        return Math.max(1, (int) starts.stream().filter(s -> s <= t + 1e-6).count());
    }
}

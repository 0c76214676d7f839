package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** The balls where reps take them from, and when each is there. */
final class Stock {

    /** Whoever has no ball takes one from a heap so near, metres. */
    static final double REACH = 3;

    private final Stage stage;
    /** When each ball is there, by where that is. */
    private final Map<Key, PriorityQueue<Double>> there = new HashMap<>();
    /** From when until when each ball is away. */
    private final List<double[]> away = new ArrayList<>();

    private int used;
    private int returning;

    Stock(Stage stage) {
        this.stage = stage;
    }

    private record Key(Played.Source from, Side side) {}

    /** When a ball is there to be played; infinite for never. */
    double ready(Played.Source from, Side side) {
        Double first = of(from, side).peek();
        return first == null ? Double.POSITIVE_INFINITY : first;
    }

    void take(Played.Source from, Side side) {
        of(from, side).poll();
    }

    /**
     * Brings one back.
     *
     * @param taken when it was taken, seconds
     * @param at when it is there again, seconds
     * @param byItself whether it would have come back without being fetched
     */
    void bring(Played.Source from, Side side, double taken, double at, boolean byItself) {
        of(from, side).add(at);
        away.add(new double[] {taken, at});
        used++;
        returning += byItself ? 1 : 0;
    }

    /** One that lies out and stays there. */
    void leave(double taken) {
        away.add(new double[] {taken, Double.POSITIVE_INFINITY});
        used++;
    }

    private PriorityQueue<Double> of(Played.Source from, Side side) {
        return there.computeIfAbsent(new Key(from, side), k -> {
            PriorityQueue<Double> first = new PriorityQueue<>();
            for (int i = 0; i < count(from); i++) {
                first.add(0.0);
            }
            return first;
        });
    }

    private int count(Played.Source from) {
        if (from.heap().isPresent()) {
            return stage.piece(from.heap().get())
                    .map(p -> ((Piece.Supply) p).count())
                    .orElse(1);
        }
        Vec at = from.at();
        int spare = stage.pieces().stream()
                .filter(p -> p instanceof Piece.Supply && p.at().distance(at) <= REACH)
                .mapToInt(p -> ((Piece.Supply) p).count())
                .sum();
        return 1 + (from.role().isPresent() ? spare : 0);
    }

    /** How many are away at once at most. */
    Flow.Balls needed() {
        List<double[]> steps = new ArrayList<>();
        for (double[] span : away) {
            steps.add(new double[] {span[0], 1});
            steps.add(new double[] {span[1], -1});
        }
        // What comes back at the moment at which one is taken is that one.
        steps.sort((a, b) -> a[0] != b[0] ? Double.compare(a[0], b[0]) : Double.compare(a[1], b[1]));
        int now = 0;
        int most = 0;
        for (double[] step : steps) {
            now += (int) step[1];
            most = Math.max(most, now);
        }
        return new Flow.Balls(most, Math.max(most, used - returning));
    }
}

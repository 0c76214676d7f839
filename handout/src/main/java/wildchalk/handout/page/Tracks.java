package wildchalk.handout.page;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleFunction;

/**
 * The runs of a page. Most ways through a rung, and most rungs, have most of their runs in common: whoever is where
 * somebody was, every few moments, has gone their way.
 */
final class Tracks {

    private final Pool pool;
    private final Map<Known, Integer> known = new HashMap<>();

    Tracks(Pool pool) {
        this.pool = pool;
    }

    private record Known(String id, int sum, List<Double> places) {}

    /** Where the run of somebody or something is in the pool. */
    int of(String id, double duration, DoubleFunction<double[]> at) {
        List<double[]> now = Track.now(duration, at);
        List<Double> places =
                now.stream().flatMapToDouble(Arrays::stream).boxed().toList();
        return known.computeIfAbsent(
                new Known(id, places.hashCode(), places), k -> pool.of(Track.of(duration, now, at)));
    }
}

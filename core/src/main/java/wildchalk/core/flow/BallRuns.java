package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** Where the balls of one copy are: in play, lying out, carried back, and ready for the next rep. */
final class BallRuns {

    /** A ball in somebody's hands is so far in front of them, metres. */
    private static final double IN_HAND = 0.6;

    private final List<Run> runs = new ArrayList<>();

    /**
     * A ball for a while.
     *
     * @param id of the ball and its rep, so that two are told apart
     * @param from seconds after the first whistle
     */
    record Run(String id, double from, double to, Where where) {}

    /** Where a ball is at a time, seconds after the first whistle. */
    private interface Where {
        Vec at(double t);
    }

    BallRuns(Rotating rotating, Rules rules, Map<String, Track> people, Map<Integer, Double> starts) {
        Set<String> seen = new HashSet<>();
        Map<Played.Source, TreeSet<Double>> taken = new HashMap<>();
        for (Move move : rotating.crowd().moves()) {
            if (move.way() instanceof Move.InRep way && seen.add(move.rep() + " " + way.side())) {
                double start = starts.get(move.rep());
                for (Played.BallUse ball : way.played().balls()) {
                    play(move.rep(), start, way, ball, rotating.crowd());
                    taken.computeIfAbsent(ball.from(), f -> new TreeSet<>()).add(start);
                }
            }
        }
        for (Crowd.Brought ball : rotating.crowd().brought()) {
            // It is taken again with the next rep that takes one from there.
            Double next = taken.get(ball.use().from()).ceiling(ball.there() - 1e-6);
            bring(ball, rules, people, next == null ? Double.POSITIVE_INFINITY : next);
        }
    }

    private static String id(Played.BallUse use, int rep, Side side) {
        return use.id() + " " + rep + " " + side;
    }

    private void play(int rep, double start, Move.InRep way, Played.BallUse use, Crowd crowd) {
        double over = start + way.played().over();
        double until = crowd.brought().stream()
                .filter(b ->
                        b.rep() == rep && b.played() == way.side() && b.use().equals(use))
                .mapToDouble(Crowd.Brought::picked)
                .findFirst()
                .orElse(over);
        runs.add(new Run(id(use, rep, way.side()), start, until, t -> {
            double at = Math.min(way.played().over(), t - start);
            return Rules.at(way.played().timeline().ball(use.id(), at), way.side());
        }));
    }

    private void bring(Crowd.Brought ball, Rules rules, Map<String, Track> people, double next) {
        String id = id(ball.use(), ball.rep(), ball.played());
        Vec home = Rules.at(ball.use().from().at(), ball.set());
        Vec lay = Rules.at(ball.use().lies(), ball.played());
        Optional<Track> by = ball.by().map(people::get);
        runs.add(new Run(id, ball.picked(), ball.there(), t -> by.map(track -> inHand(track, t))
                .orElseGet(() -> lay.towards(home, (t - ball.picked()) / (ball.there() - ball.picked())))));
        // What lies on a heap again is not told apart from the heap.
        if (ball.use().from().heap().isEmpty() && rules.spare(home) == 0) {
            boolean stays = ball.use().from().role().isPresent() && by.isPresent();
            runs.add(new Run(id, ball.there(), next, t -> stays ? inHand(by.get(), ball.there()) : home));
        }
    }

    private static Vec inHand(Track track, double t) {
        Track.Stretch now = track.at(t);
        return now.at(t).plus(Vec.polar(IN_HAND, now.facing(t)));
    }

    /** All that are to be seen at a time. */
    List<Run> at(double t) {
        return runs.stream().filter(r -> r.from() <= t && t < r.to()).toList();
    }

    Vec place(Run run, double t) {
        return run.where().at(t);
    }
}

package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.flow.Flow.Meeting;
import wildchalk.core.geometry.Vec;

/**
 * Finds who comes near whom at speed, of those who are in two reps that overlap: one by itself is rehearsed already.
 */
final class Meetings {

    /** Nearer than this bodies may touch, metres; assumed. */
    private static final double NEAR = 1;
    /** Who nears somebody more slowly steps aside, m/s; assumed. */
    private static final double FAST = 3;
    /** Nobody nears anybody faster than this, m/s: so long one need not look again. */
    private static final double FASTEST = 20;
    /** One looks at least so often, seconds. */
    private static final double LOOK = 0.05;

    private final Map<String, Meeting> found = new LinkedHashMap<>();

    /** Of all who are on one ground, the first of each two roles that meet, with how often they do. */
    static List<Meeting> among(List<Move> moves) {
        Meetings meetings = new Meetings();
        List<Move> sorted = new ArrayList<>(moves);
        sorted.sort(Comparator.comparingDouble(Move::from));
        List<Move> active = new ArrayList<>();
        for (Move move : sorted) {
            // Who goes back between reps looks where they go and gives way.
            if (!move.isInRep()) {
                continue;
            }
            active.removeIf(m -> m.to() <= move.from());
            active.forEach(m -> meetings.look(m, move));
            active.add(move);
        }
        return List.copyOf(meetings.found.values());
    }

    private void look(Move one, Move other) {
        if (one.isWith(other) || one.who().equals(other.who())) {
            return;
        }
        double t = Math.max(one.from(), other.from());
        double until = Math.min(one.to(), other.to());
        while (t <= until) {
            Vec between = other.at(t).minus(one.at(t));
            double metres = between.length();
            if (metres <= NEAR && nears(one, other, t, until) >= FAST) {
                meet(one, other, t, metres, nears(one, other, t, until));
                return;
            }
            t += Math.max(LOOK, (metres - NEAR) / FASTEST);
        }
    }

    /** How fast two move against each other, m/s. */
    private static double nears(Move one, Move other, double t, double until) {
        double later = Math.min(until, t + LOOK);
        if (later - t < LOOK / 2) {
            return 0;
        }
        Vec now = other.at(t).minus(one.at(t));
        Vec then = other.at(later).minus(one.at(later));
        return now.distance(then) / (later - t);
    }

    private void meet(Move one, Move other, double t, double metres, double speed) {
        boolean inOrder = one.way().role().compareTo(other.way().role()) <= 0;
        Move a = inOrder ? one : other;
        Move b = inOrder ? other : one;
        found.merge(
                a.way().role() + "|" + b.way().role(),
                new Meeting(t, a.who(), b.who(), metres, speed, 1),
                (first, again) -> new Meeting(
                        first.t(), first.one(), first.other(), first.metres(), first.speed(), first.times() + 1));
    }
}

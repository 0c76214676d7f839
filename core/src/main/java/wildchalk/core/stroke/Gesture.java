package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Vec;

/**
 * A stroke as it was drawn.
 *
 * @param who id of the person it was drawn from
 * @param points of the pointer on the surface, first and last included; at least two
 * @param straight whether the coach asked for a straight line
 * @param lookedAt the moment that was on the board, seconds
 * @param reach how near counts as at something, metres
 * @param after id of the action of theirs that it goes on from, when others of theirs come after that; empty for the
 *     last
 */
public record Gesture(
        String who, List<Vec> points, boolean straight, double lookedAt, double reach, Optional<String> after) {

    /** A stroke that goes on after all that somebody does so far. */
    public Gesture(String who, List<Vec> points, boolean straight, double lookedAt, double reach) {
        this(who, points, straight, lookedAt, reach, Optional.empty());
    }

    public Gesture {
        points = List.copyOf(points);
    }

    /** Where it ends, metres. */
    public Vec end() {
        return points.get(points.size() - 1);
    }

    /** The same stroke, cut off so many metres before its end; empty when hardly anything of it is left. */
    Optional<Gesture> endingShortBy(double metres) {
        Vec end = end();
        int last = points.size() - 1;
        while (last > 0 && points.get(last - 1).distance(end) < metres) {
            last--;
        }
        if (last == 0 || points.get(0).distance(end) < 2 * metres) {
            return Optional.empty();
        }
        Vec before = points.get(last - 1);
        double far = before.distance(end);
        List<Vec> left = new ArrayList<>(points.subList(0, last));
        left.add(before.towards(end, (far - metres) / far));
        return Optional.of(new Gesture(who, left, straight, lookedAt, reach, after));
    }
}

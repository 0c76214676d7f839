package wildchalk.core.stroke;

import java.util.List;
import wildchalk.core.geometry.Vec;

/**
 * A stroke as it was drawn.
 *
 * @param who id of the person it was drawn from
 * @param points of the pointer on the surface, first and last included; at least two
 * @param straight whether the coach asked for a straight line
 * @param lookedAt the moment that was on the board, seconds
 * @param reach how near counts as at something, metres
 */
public record Gesture(String who, List<Vec> points, boolean straight, double lookedAt, double reach) {

    public Gesture {
        points = List.copyOf(points);
    }

    /** Where it ends, metres. */
    public Vec end() {
        return points.get(points.size() - 1);
    }
}

package wildchalk.core.surface;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;

/**
 * A court, field or rink.
 *
 * @param id short and stable
 * @param name as people call it
 * @param sport as people call it
 * @param ground what people move on; chooses the speeds
 * @param ball what is played with; chooses the speeds of passes and shots
 * @param length metres along x
 * @param width metres along y
 * @param cornerRadius metres; 0 for square corners
 * @param edge what bounds it
 * @param runOff metres round it that may be used and are shown
 * @param sources where the figures come from, in words
 * @param words the sport's own words by key
 */
public record Surface(String id, String name, String sport, Ground ground, String ball, double length, double width,
                      double cornerRadius, Edge edge, double runOff, List<String> sources, List<Marking> markings,
                      List<Landmark> landmarks, List<Target> targets, List<View> views, Map<String, String> words) {

    public Surface {
        sources = List.copyOf(sources);
        markings = List.copyOf(markings);
        landmarks = List.copyOf(landmarks);
        targets = List.copyOf(targets);
        views = List.copyOf(views);
        words = Map.copyOf(words);
    }

    /** What people move on. */
    public enum Ground { FLOOR, TURF, ICE }

    /** What bounds the surface. */
    public enum Edge { LINES, BOARDS }

    /**
     * A place that people can find on the ground.
     *
     * @param name in people's words
     */
    public record Landmark(String id, String name, Vec at) {
    }

    /**
     * Something that is aimed at and belongs to the surface.
     *
     * @param at the middle of its mouth on the ground
     * @param facing radians, out of its mouth
     * @param width metres between the posts, or across the ring
     * @param height metres to the bar, or to the ring
     * @param depth metres behind the mouth
     */
    public record Target(String id, String name, Shape shape, Vec at, double facing, double width, double height,
                         double depth) {

        /** What kind of target. */
        public enum Shape { GOAL, BASKET }
    }

    /** A part of the surface that a drill can show. */
    public record View(String id, String name, Box box) {
    }

    public Optional<Target> target(String targetId) {
        return targets.stream().filter(t -> t.id().equals(targetId)).findFirst();
    }

    /** The view with this id; the first one, the whole surface, when there is none. */
    public View view(String viewId) {
        return views.stream().filter(v -> v.id().equals(viewId)).findFirst().orElse(views.get(0));
    }

    public Box bounds() {
        return Box.around(Vec.ZERO, length, width);
    }

    /** The surface with its run-off. */
    public Box surroundings() {
        return bounds().grown(runOff);
    }

    public Curve outline() {
        return cornerRadius > 0 ? Curve.roundedBox(length, width, cornerRadius) : Curve.box(bounds());
    }

    /** The landmark nearest to {@code p} among those within {@code metres}. */
    public Optional<Landmark> landmarkNear(Vec p, double metres) {
        return landmarks.stream().filter(l -> l.at().distance(p) <= metres)
                .min((a, b) -> Double.compare(a.at().distance(p), b.at().distance(p)));
    }
}

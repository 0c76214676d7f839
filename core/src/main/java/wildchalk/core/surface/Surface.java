package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.geometry.Vec;

/**
 * A court, field or rink, laid out: every figure in metres.
 *
 * @param id short and stable
 * @param name as people call it
 * @param sport as people call it
 * @param ground what people move on; chooses the speeds
 * @param ball what is played with; chooses the speeds of passes and shots
 * @param aSide people on each side in a game; 0 where there is no game
 * @param length metres along x, end zones and in-goal areas included
 * @param width metres along y
 * @param cornerRadius metres; 0 for square corners
 * @param edge what bounds it
 * @param runOff metres round it that may be used and are shown
 * @param grid metres between the lines of a grid that is shown; 0 for none
 * @param sizes what the rules leave open, with what was chosen
 * @param sources where the figures come from, in words
 * @param words the sport's own words by key
 */
public record Surface(String id, String name, String sport, Ground ground, String ball, int aSide, double length,
                      double width, double cornerRadius, Edge edge, double runOff, double grid,
                      Map<String, Double> sizes, List<String> sources, List<Marking> markings,
                      List<Landmark> landmarks, List<Zone> zones, List<Target> targets, List<View> views,
                      Map<String, String> words) {

    public Surface {
        sizes = Map.copyOf(sizes);
        sources = List.copyOf(sources);
        markings = List.copyOf(markings);
        landmarks = List.copyOf(landmarks);
        zones = List.copyOf(zones);
        targets = List.copyOf(targets);
        views = List.copyOf(views);
        words = Map.copyOf(words);
    }

    /** What people move on. */
    public enum Ground { FLOOR, TURF, ICE, SAND }

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
     * A part of the surface that people have a name for.
     *
     * @param outline its corners in order; round edges have a corner every two degrees
     */
    public record Zone(String id, String name, List<Vec> outline) {
        public Zone {
            outline = List.copyOf(outline);
        }

        /** Square metres. */
        public double area() {
            return Polygon.area(outline);
        }

        public boolean contains(Vec p) {
            return Polygon.contains(outline, p);
        }
    }

    /**
     * Something that is aimed at and belongs to the surface.
     *
     * @param at the middle of its mouth on the ground
     * @param facing radians, out of its mouth
     * @param width metres between the posts, or across the ring
     * @param height metres to the bar, the ring or the top of the net
     * @param depth metres behind the mouth
     */
    public record Target(String id, String name, Shape shape, Vec at, double facing, double width, double height,
                         double depth) {

        /** What kind of target. */
        public enum Shape { GOAL, BASKET, POSTS, NET }
    }

    /** A part of the surface that a drill can show. */
    public record View(String id, String name, Box box) {
    }

    /** The same with more zones. */
    public Surface withZones(List<Zone> more) {
        List<Zone> all = new ArrayList<>(zones);
        all.addAll(more);
        return new Surface(id, name, sport, ground, ball, aSide, length, width, cornerRadius, edge, runOff, grid, sizes,
                sources, markings, landmarks, all, targets, views, words);
    }

    public Optional<Zone> zone(String zoneId) {
        return zones.stream().filter(z -> z.id().equals(zoneId)).findFirst();
    }

    /** A straight line among the markings. */
    public Optional<Marking.Straight> line(String markingId) {
        return markings.stream().filter(m -> m.id().equals(markingId) && m.shape() instanceof Marking.Straight)
                .map(m -> (Marking.Straight) m.shape()).findFirst();
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

    /** Whether a place lies on the surface or at most {@code by} metres outside it. */
    public boolean contains(Vec p, double by) {
        double inX = Math.max(0, Math.abs(p.x()) - (length / 2 - cornerRadius));
        double inY = Math.max(0, Math.abs(p.y()) - (width / 2 - cornerRadius));
        return cornerRadius > 0 ? Math.hypot(inX, inY) <= cornerRadius + by : Math.max(inX, inY) <= by;
    }

    /** The landmark nearest to {@code p} among those within {@code metres}. */
    public Optional<Landmark> landmarkNear(Vec p, double metres) {
        return landmarks.stream().filter(l -> l.at().distance(p) <= metres)
                .min((a, b) -> Double.compare(a.at().distance(p), b.at().distance(p)));
    }

    /** The sport's own word, or {@code usual}. */
    public String word(String key, String usual) {
        return words.getOrDefault(key, usual);
    }
}

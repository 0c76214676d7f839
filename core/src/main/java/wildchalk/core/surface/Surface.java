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
 * @param title what it is called
 * @param game what is played on it
 * @param extent how large it is and what bounds it
 * @param sizes what the rules leave open, with what was chosen
 * @param sources where the figures come from, in words
 * @param layout what lies and stands on it
 * @param words the sport's own words by key
 */
public record Surface(
        Title title,
        Game game,
        Extent extent,
        Map<String, Double> sizes,
        List<String> sources,
        Layout layout,
        Map<String, String> words) {

    public Surface {
        sizes = Map.copyOf(sizes);
        sources = List.copyOf(sources);
        words = Map.copyOf(words);
    }

    /**
     * What it is called.
     *
     * @param id short and stable
     * @param name as people call it
     * @param sport as people call it
     */
    public record Title(String id, String name, String sport) {}

    /**
     * What is played on it.
     *
     * @param ground what people move on; chooses the speeds
     * @param ball what is played with; chooses the speeds of passes and shots
     * @param aSide people on each side in a game; 0 where there is no game
     */
    public record Game(Ground ground, String ball, int aSide) {}

    /**
     * How large it is.
     *
     * @param length metres along x, end zones and in-goal areas included
     * @param width metres along y
     * @param cornerRadius metres; 0 for square corners
     * @param edge what bounds it
     * @param runOff metres round it that may be used and are shown
     * @param grid metres between the lines of a grid that is shown; 0 for none
     */
    public record Extent(double length, double width, double cornerRadius, Edge edge, double runOff, double grid) {}

    /** What lies and stands on it. */
    public record Layout(
            List<Marking> markings,
            List<Landmark> landmarks,
            List<Zone> zones,
            List<Target> targets,
            List<View> views) {
        public Layout {
            markings = List.copyOf(markings);
            landmarks = List.copyOf(landmarks);
            zones = List.copyOf(zones);
            targets = List.copyOf(targets);
            views = List.copyOf(views);
        }
    }

    /** Short and stable. */
    public String id() {
        return title.id();
    }

    /** As people call it. */
    public String name() {
        return title.name();
    }

    /** As people call it. */
    public String sport() {
        return title.sport();
    }

    /** What people move on. */
    public Ground ground() {
        return game.ground();
    }

    /** What is played with. */
    public String ball() {
        return game.ball();
    }

    /** People on each side in a game; 0 where there is no game. */
    public int aSide() {
        return game.aSide();
    }

    /** Metres along x. */
    public double length() {
        return extent.length();
    }

    /** Metres along y. */
    public double width() {
        return extent.width();
    }

    /** Metres; 0 for square corners. */
    public double cornerRadius() {
        return extent.cornerRadius();
    }

    /** What bounds it. */
    public Edge edge() {
        return extent.edge();
    }

    /** Metres round it that may be used and are shown. */
    public double runOff() {
        return extent.runOff();
    }

    /** Metres between the lines of a grid that is shown; 0 for none. */
    public double grid() {
        return extent.grid();
    }

    /** What is painted on it, undermost first. */
    public List<Marking> markings() {
        return layout.markings();
    }

    /** Places that people can find on the ground. */
    public List<Landmark> landmarks() {
        return layout.landmarks();
    }

    /** Parts that people have a name for. */
    public List<Zone> zones() {
        return layout.zones();
    }

    /** Goals and baskets. */
    public List<Target> targets() {
        return layout.targets();
    }

    /** Parts of it that are shown by themselves. */
    public List<View> views() {
        return layout.views();
    }

    /** What people move on. */
    public enum Ground {
        FLOOR,
        TURF,
        ICE,
        SAND
    }

    /** What bounds the surface. */
    public enum Edge {
        LINES,
        BOARDS
    }

    /**
     * A place that people can find on the ground.
     *
     * @param name in people's words
     */
    public record Landmark(String id, String name, Vec at) {}

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

        /** Whether a place lies in it. */
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
    public record Target(
            String id, String name, Shape shape, Vec at, double facing, double width, double height, double depth) {

        /** The same elsewhere. */
        public Target standing(Vec place, double newFacing) {
            return new Target(id, name, shape, place, newFacing, width, height, depth);
        }

        /** What kind of target. */
        public enum Shape {
            GOAL,
            BASKET,
            POSTS,
            NET
        }
    }

    /** A part of the surface that a drill can show. */
    public record View(String id, String name, Box box) {}

    /** The same with more zones. */
    public Surface withZones(List<Zone> more) {
        List<Zone> all = new ArrayList<>(zones());
        all.addAll(more);
        Layout wider = new Layout(markings(), landmarks(), all, targets(), views());
        return new Surface(title, game, extent, sizes, sources, wider, words);
    }

    /** The same with other targets. */
    public Surface withTargets(List<Target> others) {
        Layout other = new Layout(markings(), landmarks(), zones(), others, views());
        return new Surface(title, game, extent, sizes, sources, other, words);
    }

    /** The zone with this id; empty when there is none. */
    public Optional<Zone> zone(String zoneId) {
        return zones().stream().filter(z -> z.id().equals(zoneId)).findFirst();
    }

    /** A straight line among the markings. */
    public Optional<Marking.Straight> line(String markingId) {
        return markings().stream()
                .filter(m -> m.id().equals(markingId) && m.shape() instanceof Marking.Straight)
                .map(m -> (Marking.Straight) m.shape())
                .findFirst();
    }

    /** The target with this id; empty when there is none. */
    public Optional<Target> target(String targetId) {
        return targets().stream().filter(t -> t.id().equals(targetId)).findFirst();
    }

    /** The view with this id; the first one, the whole surface, when there is none. */
    public View view(String viewId) {
        return views().stream().filter(v -> v.id().equals(viewId)).findFirst().orElse(views().get(0));
    }

    /** The box round it, without its run-off, metres; the middle of the surface is the origin. */
    public Box bounds() {
        return Box.around(Vec.ZERO, length(), width());
    }

    /** The surface with its run-off. */
    public Box surroundings() {
        return bounds().grown(runOff());
    }

    /** Its edge, metres. */
    public Curve outline() {
        return cornerRadius() > 0 ? Curve.roundedBox(length(), width(), cornerRadius()) : Curve.box(bounds());
    }

    /** Whether a place lies on the surface or at most {@code by} metres outside it. */
    public boolean contains(Vec p, double by) {
        double inX = Math.max(0, Math.abs(p.x()) - (length() / 2 - cornerRadius()));
        double inY = Math.max(0, Math.abs(p.y()) - (width() / 2 - cornerRadius()));
        return cornerRadius() > 0 ? Math.hypot(inX, inY) <= cornerRadius() + by : Math.max(inX, inY) <= by;
    }

    /** Whether nothing is marked on it that people could see: its corners and sides are only those of the picture. */
    public boolean isOpenGround() {
        return targets().isEmpty() && markings().stream().allMatch(m -> m.name().isEmpty());
    }

    /** The landmark nearest to {@code p} among those within {@code metres}. */
    public Optional<Landmark> landmarkNear(Vec p, double metres) {
        return landmarks().stream()
                .filter(l -> l.at().distance(p) <= metres)
                .min((a, b) -> Double.compare(a.at().distance(p), b.at().distance(p)));
    }

    /** The sport's own word, or {@code usual}. */
    public String word(String key, String usual) {
        return words.getOrDefault(key, usual);
    }
}

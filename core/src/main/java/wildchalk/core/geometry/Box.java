package wildchalk.core.geometry;

import java.util.List;

/**
 * An upright rectangle.
 *
 * @param x left edge, metres
 * @param y top edge, metres
 * @param width metres, positive
 * @param height metres, positive
 */
public record Box(double x, double y, double width, double height) {

    /** A box with its middle there, metres. */
    public static Box around(Vec centre, double width, double height) {
        return new Box(centre.x() - width / 2, centre.y() - height / 2, width, height);
    }

    /** The smallest box that holds all of some places, at least one. */
    public static Box around(List<Vec> places) {
        double left = places.stream().mapToDouble(Vec::x).min().orElseThrow();
        double top = places.stream().mapToDouble(Vec::y).min().orElseThrow();
        return new Box(
                left,
                top,
                places.stream().mapToDouble(Vec::x).max().orElseThrow() - left,
                places.stream().mapToDouble(Vec::y).max().orElseThrow() - top);
    }

    /** Its middle. */
    public Vec centre() {
        return new Vec(x + width / 2, y + height / 2);
    }

    /** The least box that holds both. */
    public Box with(Box other) {
        double left = Math.min(x, other.x);
        double top = Math.min(y, other.y);
        return new Box(
                left,
                top,
                Math.max(x + width, other.x + other.width) - left,
                Math.max(y + height, other.y + other.height) - top);
    }

    /** Whether a point lies in it or on its edge. */
    public boolean contains(Vec p) {
        return p.x() >= x && p.x() <= x + width && p.y() >= y && p.y() <= y + height;
    }

    /** Larger by so many metres on every side; smaller when less than 0. */
    public Box grown(double by) {
        return new Box(x - by, y - by, width + 2 * by, height + 2 * by);
    }

    /** The nearest point of the rectangle to {@code p}; {@code p} itself when it is inside. */
    public Vec clamp(Vec p) {
        return new Vec(Math.max(x, Math.min(x + width, p.x())), Math.max(y, Math.min(y + height, p.y())));
    }
}

package wildchalk.core.geometry;

/**
 * A place or a displacement in the plane.
 *
 * @param x metres to the right
 * @param y metres down the page
 */
public record Vec(double x, double y) {

    public static final Vec ZERO = new Vec(0, 0);

    /** The displacement of {@code length} metres in the direction {@code angle} (radians, clockwise on the page). */
    public static Vec polar(double length, double angle) {
        return new Vec(length * Math.cos(angle), length * Math.sin(angle));
    }

    /** The sum. */
    public Vec plus(Vec other) {
        return new Vec(x + other.x, y + other.y);
    }

    /** The difference: from the other to this. */
    public Vec minus(Vec other) {
        return new Vec(x - other.x, y - other.y);
    }

    /** So many times as long. */
    public Vec times(double factor) {
        return new Vec(x * factor, y * factor);
    }

    /** The scalar product. */
    public double dot(Vec other) {
        return x * other.x + y * other.y;
    }

    /** Positive when {@code other} lies clockwise of this on the page. */
    public double cross(Vec other) {
        return x * other.y - y * other.x;
    }

    /** At least 0. */
    public double length() {
        // Metres never come near what would overflow, and this is much quicker than Math.hypot.
        return Math.sqrt(x * x + y * y);
    }

    /** To another point, at least 0. */
    public double distance(Vec other) {
        double dx = x - other.x;
        double dy = y - other.y;
        return Math.sqrt(dx * dx + dy * dy);
    }

    /** Direction in radians, in (−π, π]; 0 for the zero vector. */
    public double angle() {
        return Math.atan2(y, x);
    }

    /** The vector of length 1 in the same direction; the zero vector stays as it is. */
    public Vec unit() {
        double length = length();
        return length == 0 ? this : times(1 / length);
    }

    /** A quarter turn clockwise as seen on the page. */
    public Vec quarterTurn() {
        return new Vec(-y, x);
    }

    /** Turned round the origin by radians, clockwise on the page. */
    public Vec rotated(double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return new Vec(x * cos - y * sin, x * sin + y * cos);
    }

    /** Seen in a mirror: across the halfway line, across the line through both ends, or both. */
    public Vec mirrored(boolean ends, boolean sides) {
        return new Vec(ends ? 0 - x : x, sides ? 0 - y : y);
    }

    /** The point a share {@code k} of the way to {@code other}: 0 is here, 1 is there. */
    public Vec towards(Vec other, double k) {
        return new Vec(x + (other.x - x) * k, y + (other.y - y) * k);
    }

    /** Whether neither part is infinite or no number. */
    public boolean isFinite() {
        return Double.isFinite(x) && Double.isFinite(y);
    }

    /** Distance in metres from this point to the stretch from {@code a} to {@code b}. */
    public double distanceToStretch(Vec a, Vec b) {
        return distance(nearestOnStretch(a, b));
    }

    /** The nearest place to this one on the stretch from {@code a} to {@code b}. */
    public Vec nearestOnStretch(Vec a, Vec b) {
        Vec along = b.minus(a);
        double lengthSquared = along.dot(along);
        double k = lengthSquared == 0 ? 0 : Math.max(0, Math.min(1, minus(a).dot(along) / lengthSquared));
        return a.plus(along.times(k));
    }
}

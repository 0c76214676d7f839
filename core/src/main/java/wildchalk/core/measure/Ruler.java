package wildchalk.core.measure;

import java.util.List;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.geometry.Vec;

/** Reads lengths, angles and areas off places on the surface. */
public final class Ruler {

    private Ruler() {}

    /** Metres along a line through the places. */
    public static double length(List<Vec> points) {
        double sum = 0;
        for (int i = 0; i + 1 < points.size(); i++) {
            sum += points.get(i).distance(points.get(i + 1));
        }
        return sum;
    }

    /** Degrees from 0 to 180 between the two sides that meet at {@code corner}; 0 where a side has no length. */
    public static double angle(Vec one, Vec corner, Vec other) {
        Vec a = one.minus(corner);
        Vec b = other.minus(corner);
        return a.length() == 0 || b.length() == 0 ? 0 : Math.toDegrees(Math.atan2(Math.abs(a.cross(b)), a.dot(b)));
    }

    /** Square metres inside the places. */
    public static double area(List<Vec> corners) {
        return Polygon.area(corners);
    }
}

package wildchalk.core.stroke;

import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;

/**
 * The place of a line that is nearest to another place.
 *
 * @param along metres along the line
 * @param length of the line, metres
 * @param metres how far off the other place is
 * @param fromEnd how far off the end of the line is, metres
 */
record LinePlace(double along, double length, double metres, double fromEnd) {

    /** Who meets somebody so little after they have set off may as well be passed to at once, a share of the line. */
    private static final double HARDLY_OFF = 0.05;

    /** Empty for a line that goes nowhere. */
    static Optional<LinePlace> of(List<Vec> line, Vec place) {
        double length = Ruler.length(line);
        if (length < 0.1) {
            return Optional.empty();
        }
        double best = Double.MAX_VALUE;
        double along = 0;
        double gone = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            Vec nearest = place.nearestOnStretch(line.get(i), line.get(i + 1));
            double off = nearest.distance(place);
            if (off < best) {
                best = off;
                along = gone + line.get(i).distance(nearest);
            }
            gone += line.get(i).distance(line.get(i + 1));
        }
        return Optional.of(
                new LinePlace(along, length, best, line.get(line.size() - 1).distance(place)));
    }

    /** How far off the line or its end is, metres; infinite when neither is within reach. */
    double off(double reach, double onLine) {
        if (fromEnd <= reach) {
            return fromEnd;
        }
        return metres <= reach * onLine && along / length > HARDLY_OFF ? metres : Double.MAX_VALUE;
    }

    /** How far along the line that is, a share of it; within reach of the end, the end. */
    double share(double reach) {
        return fromEnd <= reach ? 1 : along / length;
    }
}

package wildchalk.core.log.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How something that is measured goes over time.
 *
 * @param points in order of time
 */
public record Trend(List<Point> points) {

    /** Fewer than these show no trend. */
    public static final int FEWEST = 4;
    /** In fewer days than these nothing is a trend. */
    public static final int SHORTEST = 14;

    private static final double MONTH = 30;

    /** Measured on a day. */
    public record Point(LocalDate day, double value) {}

    public Trend {
        points = List.copyOf(points);
    }

    /**
     * By how much it changes in thirty days: the middle one of the slopes between every two points of different days,
     * so that one mistyped value counts for nothing. Empty for fewer than {@value #FEWEST} points, or less than
     * {@value #SHORTEST} days.
     *
     * @see <a href="https://doi.org/10.1080/01621459.1968.10480934">Sen, P. K. (1968), Estimates of the regression
     *     coefficient based on Kendall's tau</a>
     */
    public Optional<Double> perMonth() {
        if (points.size() < FEWEST
                || points.get(0)
                        .day()
                        .plusDays(SHORTEST)
                        .isAfter(points.get(points.size() - 1).day())) {
            return Optional.empty();
        }
        List<Double> slopes = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            for (int j = i + 1; j < points.size(); j++) {
                long days =
                        points.get(j).day().toEpochDay() - points.get(i).day().toEpochDay();
                if (days > 0) {
                    slopes.add((points.get(j).value() - points.get(i).value()) / days * MONTH);
                }
            }
        }
        slopes.sort(null);
        return Optional.of(middle(slopes));
    }

    /** The middle one of some that are in order, at least one; between the two middle ones of an even number. */
    public static double middle(List<Double> sorted) {
        int n = sorted.size();
        return (sorted.get((n - 1) / 2) + sorted.get(n / 2)) / 2;
    }
}

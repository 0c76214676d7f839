package wildchalk.core.log.chart;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.season.Season;

/**
 * A season at a glance: each evening a chalk stroke on the line of weeks, as high as it was long and as thick as it was
 * hard; under it a row for each skill, with a dot for a week as large as its minutes.
 */
public final class SeasonChart {

    private static final double LEFT = 150;
    private static final double RIGHT = 58;
    private static final double TOP = 34;
    private static final double HIGH = 170;
    private static final double MONTHS = 30;
    private static final double ROW = 21;
    private static final double HEAD = 26;
    private static final int GRID = 30;
    private static final double THIN = 1.5;
    private static final double THICK = 9;
    private static final double LARGEST = 17;
    private static final double SMALLEST = 2.5;
    private static final double DAYS = 7;

    private SeasonChart() {}

    /**
     * Draws one.
     *
     * @param width dots, at least 400
     */
    public static Chart of(Season season, double width) {
        List<Season.Week> weeks = season.weeks();
        if (weeks.isEmpty()) {
            return new Chart(width, 0, List.of(), List.of(), List.of());
        }
        Drawing drawing = new Drawing(width, LEFT, width - RIGHT, weeks.get(0).monday(), weeks.size());
        double foot = TOP + HIGH;
        evenings(season, drawing, width, foot);
        drawing.months(foot);
        double y = skills(season, drawing, width, foot + MONTHS);
        return drawing.done(y);
    }

    private static void evenings(Season season, Drawing drawing, double width, double foot) {
        double longest = season.evenings().stream()
                .mapToDouble(Season.Evening::minutes)
                .max()
                .orElse(1);
        double top = Math.max(GRID, Math.ceil(longest / GRID) * GRID);
        double hardest = season.evenings().stream()
                .mapToDouble(Season.Evening::load)
                .max()
                .orElse(0);
        drawing.write(0, TOP - 20, Drawing.say("season.evenings"), Chart.Side.LEFT, Chart.Weight.STRONG);
        // Where lines would lie on each other, only some are drawn.
        double step = Math.max(1, Math.round(top / GRID / 5)) * GRID;
        for (double minutes = step; minutes <= top; minutes += step) {
            double y = foot - HIGH * minutes / top;
            drawing.line(LEFT, y, width - RIGHT, y);
            drawing.write(
                    LEFT - 8, y + 4, Drawing.say("minutes", Math.round(minutes)), Chart.Side.RIGHT, Chart.Weight.QUIET);
        }
        double thick = Math.max(THIN, Math.min(THICK, drawing.week() / DAYS * 2));
        for (Season.Evening evening : season.evenings()) {
            double tall = Math.max(2, HIGH * evening.minutes() / top);
            double share = hardest == 0 ? 0 : evening.load() / hardest;
            drawing.mark(
                    Chart.Kind.STROKE,
                    drawing.x(evening.entry().when().day()),
                    foot - tall / 2,
                    THIN + (thick - THIN) * share,
                    tall,
                    () -> words(evening),
                    evening.entry().id());
        }
    }

    private static String words(Season.Evening evening) {
        return Drawing.say(
                "season.evening",
                Drawing.day(evening.entry().when().day()),
                evening.entry().title(),
                Math.round(evening.minutes()),
                evening.entry().there().people(),
                Math.round(evening.load()));
    }

    private static double skills(Season season, Drawing drawing, double width, double from) {
        Map<Skill, Double> all = season.skills();
        double y = from + HEAD;
        if (all.isEmpty()) {
            return y;
        }
        drawing.write(0, y - 8, Drawing.say("season.skills"), Chart.Side.LEFT, Chart.Weight.STRONG);
        double most = season.weeks().stream()
                .flatMap(w -> w.skills().values().stream())
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(1);
        double largest = Math.max(SMALLEST, Math.min(LARGEST, drawing.week() * 0.9));
        List<Skill> rows = all.keySet().stream()
                .sorted(Comparator.comparingDouble((Skill s) -> -all.get(s)).thenComparing(Comparator.naturalOrder()))
                .toList();
        for (Skill skill : rows) {
            double middle = y + ROW / 2;
            drawing.write(0, middle + 4, skill.words(), Chart.Weight.PLAIN, LEFT - 12);
            drawing.line(LEFT, middle, width - RIGHT, middle);
            for (Season.Week week : season.weeks()) {
                double minutes = week.skills().getOrDefault(skill, 0.0);
                if (minutes > 0) {
                    double size = Math.max(SMALLEST, largest * Math.sqrt(minutes / most));
                    drawing.mark(
                            Chart.Kind.DOT,
                            drawing.x(week.monday().plusDays(3)),
                            middle,
                            size,
                            size,
                            () -> Drawing.say(
                                    "season.skill", skill.words(), Drawing.day(week.monday()), Math.round(minutes)),
                            "");
                }
            }
            drawing.write(
                    width,
                    middle + 4,
                    Drawing.say("minutes", Math.round(all.get(skill))),
                    Chart.Side.RIGHT,
                    Chart.Weight.PLAIN);
            y += ROW;
        }
        return y + 6;
    }
}

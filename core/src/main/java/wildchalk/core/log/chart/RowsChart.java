package wildchalk.core.log.chart;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import wildchalk.core.log.Part;
import wildchalk.core.log.season.DrillLine;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Trend;
import wildchalk.core.wording.Wordbook;

/** Drills, people and what was measured of one, each as a row along the line of weeks. */
public final class RowsChart {

    private static final double LEFT = 190;
    private static final double FIGURES = 310;
    private static final double ROW = 25;
    private static final double TOP = 46;
    private static final double DOT = 10;
    private static final double TALL = 13;
    private static final double METRES = 1000;
    private static final double CURVE = 54;
    /** Weeks that are narrower are drawn month by month, dots. */
    private static final double NARROW = 6;
    /** About as wide as a letter is. */
    private static final double LETTER = 6.6;
    /** Through more rows than these nobody looks; all of them stand in the table. */
    private static final int MOST = 200;

    /** How a drill went, as a mark. */
    public static final Map<Part.Went, Chart.Kind> WENT = Map.of(
            Part.Went.WORKED, Chart.Kind.DOT,
            Part.Went.SO_SO, Chart.Kind.HALF,
            Part.Went.DID_NOT, Chart.Kind.CROSS,
            Part.Went.UNSAID, Chart.Kind.RING);

    private RowsChart() {}

    private static Drawing begin(Season season, double width, double right) {
        List<Season.Week> weeks = season.weeks();
        Drawing drawing = new Drawing(width, LEFT, width - right, weeks.get(0).monday(), weeks.size());
        drawing.months(TOP - 22);
        return drawing;
    }

    private static Chart nothing(double width) {
        return new Chart(width, 0, List.of(), List.of(), List.of());
    }

    /**
     * The drills: when each was run and how it went.
     *
     * @param width dots, at least 640
     */
    public static Chart drills(Season season, double width) {
        if (season.drills().isEmpty()) {
            return nothing(width);
        }
        Drawing drawing = begin(season, width, FIGURES);
        legend(drawing, width - FIGURES + 14);
        double y = TOP;
        for (DrillLine drill :
                season.drills().subList(0, Math.min(MOST, season.drills().size()))) {
            double middle = y + ROW / 2;
            drawing.write(0, middle + 4, drill.title(), Chart.Weight.STRONG, LEFT - 14);
            drawing.line(LEFT, middle, width - FIGURES, middle);
            double size = Math.max(4, Math.min(DOT, drawing.week() * 0.8));
            for (DrillLine.Run run : drill.runs()) {
                LocalDate day = run.entry().when().day();
                drawing.mark(
                        WENT.get(run.part().went()),
                        drawing.x(day),
                        middle,
                        size,
                        size,
                        () -> Drawing.say(
                                "drill.run",
                                drill.title(),
                                Drawing.day(day),
                                Math.round(run.part().minutes()),
                                Drawing.say("went." + Wordbook.key(run.part().went()))),
                        run.entry().id());
            }
            drawing.write(width - FIGURES + 14, middle + 4, figures(drill), Chart.Weight.PLAIN, FIGURES - 14);
            y += ROW;
        }
        return more(drawing, season.drills().size(), y);
    }

    /** What the marks say, over the figures. */
    private static void legend(Drawing drawing, double left) {
        double x = left;
        for (Part.Went went : Part.Went.values()) {
            String words = Drawing.say("legend." + Wordbook.key(went));
            drawing.mark(WENT.get(went), x + DOT / 2, TOP - 26, DOT, DOT, () -> words, "");
            drawing.write(x + DOT + 4, TOP - 22, words, Chart.Side.LEFT, Chart.Weight.QUIET);
            x += DOT + 18 + words.length() * LETTER;
        }
    }

    private static Chart more(Drawing drawing, int rows, double y) {
        if (rows <= MOST) {
            return drawing.done(y + 8);
        }
        drawing.write(0, y + 18, Drawing.say("more", rows - MOST), Chart.Side.LEFT, Chart.Weight.QUIET);
        return drawing.done(y + 30);
    }

    private static String figures(DrillLine drill) {
        String over = drill.over()
                .filter(o -> Math.abs(o) >= 0.5)
                .map(o -> Drawing.say(o > 0 ? "drill.over" : "drill.under", Math.abs(o)))
                .orElse("");
        return Drawing.say(
                "drill.figures",
                Drawing.day(drill.last().entry().when().day()),
                drill.times(),
                Math.round(drill.minutes()),
                over);
    }

    /**
     * The people: when each was there, and what it came to.
     *
     * @param names what they are called
     * @param width dots, at least 640
     */
    public static Chart people(Season season, UnaryOperator<String> names, double width) {
        if (season.people().isEmpty()) {
            return nothing(width);
        }
        Drawing drawing = begin(season, width, FIGURES);
        double y = TOP;
        for (PersonLine person :
                season.people().subList(0, Math.min(MOST, season.people().size()))) {
            double middle = y + ROW / 2;
            String name = names.apply(person.id());
            drawing.write(0, middle + 4, name, Chart.Weight.STRONG, LEFT - 14);
            drawing.line(LEFT, middle, width - FIGURES, middle);
            if (drawing.week() < NARROW) {
                months(drawing, person, name, season, middle);
            } else {
                evenings(drawing, person, name, season, middle);
            }
            drawing.write(
                    width - FIGURES + 14,
                    middle + 4,
                    Drawing.say(
                            "person.figures",
                            person.evenings(),
                            season.evenings().size(),
                            person.did().metres() / METRES,
                            Math.round(person.did().touches()),
                            Math.round(person.did().shots())),
                    Chart.Weight.PLAIN,
                    FIGURES - 14);
            y += ROW;
        }
        return more(drawing, season.people().size(), y);
    }

    private static void evenings(Drawing drawing, PersonLine person, String name, Season season, double middle) {
        double wide = Math.max(1, Math.min(4, drawing.week() / 4));
        Set<LocalDate> there = new HashSet<>(person.there());
        for (Season.Evening evening : season.evenings()) {
            LocalDate day = evening.entry().when().day();
            boolean was = there.contains(day);
            if (was || !season.asked().person().isEmpty()) {
                drawing.mark(
                        was ? Chart.Kind.STROKE : Chart.Kind.RING,
                        drawing.x(day),
                        middle,
                        was ? wide : 4,
                        was ? TALL : 4,
                        () -> Drawing.say(was ? "person.there" : "person.away", name, Drawing.day(day)),
                        evening.entry().id());
            }
        }
    }

    /** Where evenings would lie on each other, each month is a stroke as high as the share that somebody was there. */
    private static void months(Drawing drawing, PersonLine person, String name, Season season, double middle) {
        Map<YearMonth, Integer> all = new TreeMap<>();
        season.evenings().forEach(e -> all.merge(YearMonth.from(e.entry().when().day()), 1, Integer::sum));
        Map<YearMonth, Integer> theirs = new TreeMap<>();
        person.there().forEach(d -> theirs.merge(YearMonth.from(d), 1, Integer::sum));
        theirs.forEach((month, times) -> drawing.mark(
                Chart.Kind.STROKE,
                drawing.x(month.atDay(15)),
                middle,
                3,
                Math.max(3, (ROW - 4) * times / all.getOrDefault(month, times)),
                () -> Drawing.say("person.month", name, month, times, all.getOrDefault(month, times)),
                ""));
    }

    /** One alone: when they were there, and under it what was measured of them. */
    public static Chart one(PersonLine person, Season season, UnaryOperator<String> names, double width) {
        Chart row = people(season, names, width);
        Chart below = measured(person, season, width);
        List<Chart.Mark> marks = new ArrayList<>(row.marks());
        List<Chart.Line> lines = new ArrayList<>(row.lines());
        List<Chart.Words> words = new ArrayList<>(row.words());
        double by = row.height();
        below.marks()
                .forEach(m ->
                        marks.add(new Chart.Mark(m.kind(), m.x(), m.y() + by, m.wide(), m.tall(), m.told(), m.ref())));
        below.lines().forEach(l -> lines.add(new Chart.Line(l.x1(), l.y1() + by, l.x2(), l.y2() + by)));
        below.words()
                .forEach(w -> words.add(new Chart.Words(w.x(), w.y() + by, w.text(), w.side(), w.weight(), w.most())));
        return new Chart(width, by + below.height(), marks, lines, words);
    }

    /** What was measured of somebody, each as dots that rise and fall; nothing for one who was never measured. */
    public static Chart measured(PersonLine person, Season season, double width) {
        List<Measured> all = new ArrayList<>();
        person.times()
                .forEach((course, trend) -> all.add(new Measured(
                        course.metres() == 0
                                ? course.what()
                                : Drawing.say("measured.course", course.what(), course.metres()),
                        trend,
                        "measured.time")));
        person.tries().forEach((what, trend) -> all.add(new Measured(what, trend, "measured.tries")));
        if (all.isEmpty() || season.weeks().isEmpty()) {
            return nothing(width);
        }
        Drawing drawing = begin(season, width, FIGURES);
        double y = TOP;
        for (Measured measured : all) {
            measured.draw(drawing, y, width);
            y += CURVE;
        }
        return drawing.done(y + 8);
    }

    /** Something that was measured, and how its figures are said. */
    private record Measured(String what, Trend trend, String key) {

        void draw(Drawing drawing, double top, double width) {
            double least = trend.points().stream()
                    .mapToDouble(Trend.Point::value)
                    .min()
                    .orElse(0);
            double most = trend.points().stream()
                    .mapToDouble(Trend.Point::value)
                    .max()
                    .orElse(1);
            double range = Math.max(most - least, 1e-9);
            double high = CURVE - 20;
            drawing.write(0, top + CURVE / 2, what, Chart.Weight.STRONG, LEFT - 14);
            drawing.line(LEFT, top + CURVE - 8, width - FIGURES, top + CURVE - 8);
            for (Trend.Point point : trend.points()) {
                drawing.mark(
                        Chart.Kind.DOT,
                        drawing.x(point.day()),
                        top + 6 + high * (1 - (point.value() - least) / range),
                        6,
                        6,
                        () -> Drawing.say("measured.point", what, Drawing.day(point.day()), said(point.value())),
                        "");
            }
            Trend.Point last = trend.points().get(trend.points().size() - 1);
            drawing.write(
                    width - FIGURES + 14,
                    top + CURVE / 2,
                    Drawing.say(
                            "measured.figures",
                            said(last.value()),
                            trend.points().size(),
                            trend.perMonth()
                                    .map(m -> Drawing.say(key + ".trend", m))
                                    .orElse(Drawing.say("measured.short"))),
                    Chart.Weight.PLAIN,
                    FIGURES - 14);
        }

        private String said(double value) {
            return Drawing.say(key, value);
        }
    }
}

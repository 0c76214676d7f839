package wildchalk.core.log.chart;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import wildchalk.core.wording.Wordbook;

/** A drawing while it is made, with time from left to right. */
final class Drawing {

    static final Wordbook BOOK = Wordbook.beside(Drawing.class, "Charts");

    /** Months nearer to each other than these are not all named, dots. */
    private static final double NAMED = 34;

    private static final double ALL = 10_000;
    /** So many weeks are named each. */
    private static final int FEW = 7;

    private final List<Chart.Mark> marks = new ArrayList<>();
    private final List<Chart.Line> lines = new ArrayList<>();
    private final List<Chart.Words> words = new ArrayList<>();
    private final double width;
    private final double left;
    private final double right;
    private final LocalDate first;
    private final double days;

    /**
     * A drawing.
     *
     * @param left where the first day begins
     * @param right where the last day ends
     * @param from a Monday
     * @param weeks at least 1
     */
    Drawing(double width, double left, double right, LocalDate from, int weeks) {
        this.width = width;
        this.left = left;
        this.right = right;
        this.first = from;
        this.days = weeks * 7.0;
    }

    static String say(String key, Object... values) {
        return BOOK.say(key, values);
    }

    /** "Thu 12 Nov 2026" */
    static String day(LocalDate day) {
        return day.format(DateTimeFormatter.ofPattern(say("day"), Locale.ENGLISH));
    }

    /** Dots of a week. */
    double week() {
        return (right - left) / days * 7;
    }

    /** The middle of a day. */
    double x(LocalDate day) {
        return left + (right - left) * (ChronoUnit.DAYS.between(first, day) + 0.5) / days;
    }

    void mark(Chart.Kind kind, double x, double y, double wide, double tall, Supplier<String> told, String ref) {
        marks.add(new Chart.Mark(kind, x, y, wide, tall, told, ref));
    }

    void line(double x1, double y1, double x2, double y2) {
        lines.add(new Chart.Line(x1, y1, x2, y2));
    }

    void write(double x, double y, String text, Chart.Side side, Chart.Weight weight) {
        words.add(new Chart.Words(x, y, text, side, weight, ALL));
    }

    /** A text of which no more stands there than so many dots. */
    void write(double x, double y, String text, Chart.Weight weight, double most) {
        words.add(new Chart.Words(x, y, text, Chart.Side.LEFT, weight, most));
    }

    /** A line along time with the names of months under it, or of weeks where there are few. */
    void months(double y) {
        line(left, y, right, y);
        if (days <= FEW * 7.0) {
            weeks(y);
            return;
        }
        double last = -NAMED;
        LocalDate end = first.plusDays((long) days);
        for (LocalDate month = first.withDayOfMonth(1).plusMonths(first.getDayOfMonth() == 1 ? 0 : 1);
                month.isBefore(end);
                month = month.plusMonths(1)) {
            double x = x(month);
            line(x, y, x, y + 4);
            if (x - last >= NAMED && x + NAMED / 2 <= width) {
                String pattern = month.getMonthValue() == 1 || last < 0 ? "month.year" : "month";
                write(
                        x + 2,
                        y + 15,
                        month.format(DateTimeFormatter.ofPattern(say(pattern), Locale.ENGLISH)),
                        Chart.Side.LEFT,
                        Chart.Weight.QUIET);
                // A name with its year is longer.
                last = x + (pattern.equals("month") ? 0 : NAMED / 2);
            }
        }
    }

    /** Of a month or two each week has its day. */
    private void weeks(double y) {
        for (int week = 0; week * 7 < days; week++) {
            LocalDate monday = first.plusWeeks(week);
            double x = x(monday) - week() / 14;
            line(x, y, x, y + 4);
            write(
                    x + 2,
                    y + 15,
                    monday.format(DateTimeFormatter.ofPattern(say("week"), Locale.ENGLISH)),
                    Chart.Side.LEFT,
                    Chart.Weight.QUIET);
        }
    }

    Chart done(double height) {
        return new Chart(width, height, marks, lines, words);
    }
}

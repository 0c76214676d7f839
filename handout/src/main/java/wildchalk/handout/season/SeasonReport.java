package wildchalk.handout.season;

import java.awt.Color;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import wildchalk.core.log.Entry;
import wildchalk.core.log.chart.Chart;
import wildchalk.core.log.chart.SeasonChart;
import wildchalk.core.log.season.Called;
import wildchalk.core.log.season.DrillLine;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Span;
import wildchalk.core.wording.Wordbook;
import wildchalk.handout.order.Progress;
import wildchalk.handout.pdf.TaggedPdf;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/**
 * The report of a season as a PDF: all of it on a page, then a page for each month that has an evening; what the drills
 * and the people came to under each picture.
 */
public final class SeasonReport {

    private static final Wordbook BOOK = Wordbook.beside(SeasonReport.class, "Report");
    private static final double WIDE = 595.28;
    private static final double HIGH = 841.89;
    private static final double MARGIN = 40;
    private static final double DRAWN = 700;
    private static final double SIZE = 9.5;
    private static final double LINE = 13;
    private static final double FOOT = 18;
    private static final double METRES = 1000;
    private static final Color INK = new Color(0x1D2B2A);
    private static final Color SOFT = new Color(0x5C6662);

    private final Called called;
    private final TaggedPdf pdf;

    private SeasonReport(Called called, TaggedPdf pdf) {
        this.called = called;
        this.pdf = pdf;
    }

    /**
     * Writes one.
     *
     * @param season at least one evening
     * @param called what people are called in it
     * @throws IOException when the file cannot be written
     */
    public static void write(Season season, Called called, Path file, Progress progress) throws IOException {
        LocalDate first = day(season, 0);
        LocalDate last = day(season, season.evenings().size() - 1);
        TaggedPdf pdf = TaggedPdf.begin(BOOK.say("title", said(first), said(last)), WIDE, HIGH);
        try {
            SeasonReport report = new SeasonReport(called, pdf);
            List<YearMonth> months = new ArrayList<>(season.evenings().stream()
                    .map(e -> YearMonth.from(e.entry().when().day()))
                    .collect(Collectors.toCollection(TreeSet::new)));
            if (months.size() > 1) {
                report.page(BOOK.say("title", said(first), said(last)), season);
            }
            List<Entry> entries =
                    season.evenings().stream().map(Season.Evening::entry).toList();
            for (YearMonth month : months) {
                Span span = new Span(month.atDay(1), month.atEndOfMonth());
                String title = month.format(DateTimeFormatter.ofPattern(BOOK.say("month"), Locale.ENGLISH));
                report.page(title, Season.of(entries, season.asked().on(span)));
                progress.step((months.indexOf(month) + 1.0) / months.size());
            }
            pdf.save(file);
        } finally {
            pdf.close();
        }
    }

    private static LocalDate day(Season season, int evening) {
        return season.evenings().get(evening).entry().when().day();
    }

    private static String said(LocalDate day) {
        return day.format(DateTimeFormatter.ofPattern(BOOK.say("day"), Locale.ENGLISH));
    }

    private void page(String title, Season season) throws IOException {
        pdf.page();
        pdf.bookmark(title, MARGIN);
        double y = MARGIN + 16;
        line("H1", title, Typeface.TITLE, 20, INK, MARGIN, y);
        y += 20;
        line(
                "P",
                BOOK.say("sum", season.evenings().size(), Math.round(season.minutes() / 60), season.load() / METRES),
                Typeface.TEXT,
                11,
                SOFT,
                MARGIN,
                y);
        y = picture(season, y + 12) + 20;
        double half = (WIDE - 2 * MARGIN - 20) / 2;
        int rows = (int) Math.max(1, (HIGH - MARGIN - FOOT - y - LINE) / LINE);
        column(BOOK.say("drills"), season.drills().stream().map(this::drill).toList(), rows, MARGIN, y, half);
        column(
                BOOK.say("people"),
                season.people().stream().map(p -> person(p, season)).toList(),
                rows,
                MARGIN + half + 20,
                y,
                half);
        line("P", BOOK.say("worked.out"), Typeface.TEXT, 8, SOFT, MARGIN, HIGH - MARGIN + 6);
    }

    private double picture(Season season, double top) throws IOException {
        Chart chart = SeasonChart.of(season, DRAWN);
        double scale = (WIDE - 2 * MARGIN) / DRAWN;
        Rectangle2D area = new Rectangle2D.Double(MARGIN, top, WIDE - 2 * MARGIN, chart.height() * scale);
        String instead = chart.marks().stream().map(Chart.Mark::words).collect(Collectors.joining("; "));
        pdf.tagged(
                "Figure",
                Optional.of(instead),
                () -> pdf.picture(area, g -> {
                    g.scale(scale, scale);
                    ChartPainter.paint(chart, g);
                }));
        return area.getMaxY();
    }

    private void column(String head, List<String> lines, int rows, double x, double top, double wide)
            throws IOException {
        if (lines.isEmpty()) {
            return;
        }
        double y = top;
        line("H2", head, Typeface.TEXT_BOLD, 11, INK, x, y);
        y += LINE + 2;
        // One line says how many there is no room for.
        int shown = lines.size() <= rows - 1 ? lines.size() : Math.max(0, rows - 2);
        for (String words : lines.subList(0, shown)) {
            line("P", fitted(words, wide), Typeface.TEXT, SIZE, INK, x, y);
            y += LINE;
        }
        if (shown < lines.size()) {
            line("P", BOOK.say("more", lines.size() - shown), Typeface.TEXT, SIZE, SOFT, x, y);
        }
    }

    private static String fitted(String words, double wide) {
        List<String> lines = Lines.wrapped(words, Typeface.TEXT, SIZE, wide - 8);
        return lines.size() == 1 ? lines.get(0) : lines.get(0) + "\u2026";
    }

    private void line(String tag, String words, Typeface face, double size, Color colour, double x, double y)
            throws IOException {
        pdf.tagged(tag, Optional.empty(), () -> pdf.text(words, face, size, colour, x, y));
    }

    private String drill(DrillLine drill) {
        String went = drill.went().entrySet().stream()
                .map(e -> BOOK.say("went." + Wordbook.key(e.getKey()), e.getValue()))
                .collect(Collectors.joining(", "));
        return BOOK.say(
                "drill",
                called.words(drill.title()),
                drill.times(),
                Math.round(drill.minutes()),
                went.isEmpty() ? "" : ", " + went);
    }

    private String person(PersonLine person, Season season) {
        return BOOK.say(
                "person",
                called.of(person.id()),
                person.evenings(),
                season.evenings().size(),
                person.did().metres() / METRES,
                Math.round(person.did().touches()),
                Math.round(person.did().shots()));
    }
}

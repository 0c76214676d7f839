package wildchalk.core.log.chart;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wildchalk.core.log.Part;
import wildchalk.core.log.Ten;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Unrun;

/** What is drawn of ten evenings, and that it stands in tables too. */
class ChartTest {

    private static final double WIDE = 900;
    private static final UnaryOperator<String> NAMES = Ten.NAMES::get;

    private final Season season = Season.of(Ten.evenings(), Asked.ALL);

    private static List<Chart.Mark> marks(Chart chart, Chart.Kind kind) {
        return chart.marks().stream().filter(m -> m.kind() == kind).toList();
    }

    @Test
    void anEveningIsAsHighAsItWasLongAndAsThickAsItWasHard() {
        List<Chart.Mark> strokes = marks(SeasonChart.of(season, WIDE), Chart.Kind.STROKE);
        assertEquals(10, strokes.size());
        List<Chart.Mark> high = strokes.stream()
                .sorted(Comparator.comparingDouble(Chart.Mark::tall))
                .toList();
        assertEquals("e8", high.get(9).ref(), "37.6 minutes");
        // Heights are as the minutes are: 21.5 of the shortest to 37.6.
        assertEquals(21.5 / 37.6, high.get(0).tall() / high.get(9).tall(), 1e-9);
        Chart.Mark thick = strokes.stream()
                .max(Comparator.comparingDouble(Chart.Mark::wide))
                .orElseThrow();
        assertEquals("e8", thick.ref(), "1125 m");
        // All stand on one line, and go from left to right as time does.
        assertEquals(
                1,
                strokes.stream()
                        .map(m -> Math.round(m.y() + m.tall() / 2))
                        .distinct()
                        .count());
        assertEquals(
                Stream.iterate(1, i -> i + 1).limit(10).map(i -> "e" + i).toList(),
                strokes.stream()
                        .sorted(Comparator.comparingDouble(Chart.Mark::x))
                        .map(Chart.Mark::ref)
                        .toList());
        assertEquals(
                "Tue 17 Nov 2026, Evening 8: 38 min, 2 were there, one who did all of it went 1,125 m", thick.words());
        double week = strokes.get(2).x() - strokes.get(0).x();
        assertEquals(week, strokes.get(4).x() - strokes.get(3).x(), 1e-9, "a week is as wide as another");
    }

    @Test
    void aSkillIsARowOfDotsAsLargeAsItsMinutes() {
        List<Chart.Mark> dots = marks(SeasonChart.of(season, WIDE), Chart.Kind.DOT);
        List<Double> rows = dots.stream().map(Chart.Mark::y).distinct().sorted().toList();
        assertEquals(3, rows.size());
        List<Chart.Mark> first = dots.stream().filter(d -> d.y() == rows.get(0)).toList();
        assertTrue(first.get(0).words().startsWith("marking, week of"), "most minutes come first");
        Chart.Mark ten = first.stream()
                .filter(d -> d.words().endsWith(" 10 min"))
                .findFirst()
                .orElseThrow();
        Chart.Mark six = first.stream()
                .filter(d -> d.words().endsWith(" 6 min"))
                .findFirst()
                .orElseThrow();
        assertEquals(10.0 / 6, Math.pow(ten.wide() / six.wide(), 2), 1e-9, "by their area");
    }

    @Test
    void howADrillWentCanBeToldWithoutColour() {
        Chart chart = RowsChart.drills(season, WIDE);
        // One of each stands in the legend.
        assertEquals(1 + 3, marks(chart, Chart.Kind.DOT).size());
        assertEquals(1 + 2, marks(chart, Chart.Kind.HALF).size());
        assertEquals(1 + 1, marks(chart, Chart.Kind.CROSS).size());
        assertEquals(1 + 2 + 6, marks(chart, Chart.Kind.RING).size());
        assertEquals(4, RowsChart.WENT.values().stream().distinct().count());
        assertEquals(Part.Went.values().length, RowsChart.WENT.size());
        assertTrue(
                chart.words().stream().anyMatch(w -> w.text().equals("Fri 27 Nov 2026 · 8× · 102 min · 2.5 min over")));
    }

    @Test
    void whoWasThere() {
        Chart all = RowsChart.people(season, NAMES, WIDE);
        assertEquals(9 + 9 + 8, marks(all, Chart.Kind.STROKE).size());
        Season rosa = Season.of(Ten.evenings(), Asked.ALL.ofPerson(Ten.ROSA));
        Chart one = RowsChart.one(rosa.people().get(0), rosa, NAMES, WIDE);
        assertEquals(9, marks(one, Chart.Kind.STROKE).size());
        assertEquals(5, marks(one, Chart.Kind.DOT).size(), "what was measured of her");
        Chart together = TogetherChart.of(season, NAMES, WIDE);
        assertEquals(3, marks(together, Chart.Kind.DOT).size());
        assertTrue(together.marks().stream().anyMatch(m -> m.words().equals("Rosa and Pim: 4 times in one group")));
    }

    @Test
    void nothingIsDrawnOfNothing() {
        Season none = Season.of(List.of(), Asked.ALL);
        for (Chart chart : List.of(
                SeasonChart.of(none, WIDE),
                RowsChart.drills(none, WIDE),
                RowsChart.people(none, NAMES, WIDE),
                TogetherChart.of(none, NAMES, WIDE))) {
            assertTrue(chart.marks().isEmpty());
            assertEquals(0, chart.height());
        }
    }

    /** Everything stays within its drawing, however wide that is and however long the season. */
    @Test
    void nothingLiesOutside() {
        for (double wide : new double[] {640, 900, 1600}) {
            for (Chart chart : List.of(
                    SeasonChart.of(season, wide),
                    RowsChart.drills(season, wide),
                    RowsChart.people(season, NAMES, wide))) {
                for (Chart.Mark mark : chart.marks()) {
                    assertTrue(mark.x() - mark.wide() / 2 >= 0 && mark.x() + mark.wide() / 2 <= wide, mark.words());
                    assertTrue(mark.y() + mark.tall() / 2 <= chart.height(), mark.words());
                }
            }
        }
    }

    @Test
    void everyFigureStandsInATable() {
        Sheet evenings = Sheets.evenings(season);
        assertEquals(10, evenings.rows().size());
        assertEquals(
                List.of("Tue 17 Nov 2026", "Evening 8", "38", "1125", "2", "3"),
                words(evenings.rows().get(7)));
        assertEquals(
                List.of(
                        "Weir",
                        "Fri 27 Nov 2026",
                        "8",
                        "102",
                        "13",
                        "2.5",
                        "worked 3×, so-so 2×, did not work 1×",
                        "fewer balls"),
                words(Sheets.drills(season).rows().get(1)));
        assertEquals(
                List.of("Pim", "9", "143", "58", "6990", "90", "270", "90", "23", "7", "low corner +14% a month"),
                words(Sheets.people(season, NAMES).rows().get(0)).stream()
                        .map(w -> w.replaceAll("\\+\\d+%", "+14%"))
                        .toList());
        assertEquals(
                List.of("Pim", "Rosa", "4"),
                words(Sheets.together(season, NAMES).rows().get(0)));
        Sheet skills = Sheets.skills(season);
        assertEquals(13, skills.rows().size());
        assertEquals(List.of("Week of", "Evenings", "passing", "shooting", "marking"), skills.heads());
        for (Sheet sheet : List.of(evenings, skills, Sheets.drills(season), Sheets.people(season, NAMES))) {
            sheet.rows()
                    .forEach(r -> assertEquals(sheet.heads().size(), r.cells().size()));
        }
        assertTrue(Sheets.unrun(new Unrun(List.of(), List.of())).rows().isEmpty());
    }

    private static List<String> words(Sheet.Row row) {
        return row.cells().stream().map(Sheet.Cell::words).toList();
    }

    @Test
    void aTableIsSortedByNumbersAndByWords() {
        assertTrue(Sheet.Cell.of(9).compareTo(Sheet.Cell.of(10)) < 0);
        assertTrue(Sheet.Cell.of("b").compareTo(Sheet.Cell.of("A")) > 0);
        assertFalse(Sheet.Cell.of("").isNumber());
        assertEquals(0, Sheet.Cell.of("x").compareTo(Sheet.Cell.of("X")));
    }
}

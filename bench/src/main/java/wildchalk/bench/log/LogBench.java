package wildchalk.bench.log;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.chart.RowsChart;
import wildchalk.core.log.chart.SeasonChart;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.Experience;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Span;
import wildchalk.desktop.DemoBook;
import wildchalk.storage.book.Book;
import wildchalk.storage.kind.LogKind;

/**
 * Five seasons: a thousand evenings, sixty people, two hundred thousand tallies. How long it takes until they are read
 * and added up, and how long another filter takes.
 */
public final class LogBench {

    private static final int EVENINGS = 1000;
    private static final int PEOPLE = 60;
    private static final int TALLIES = 200_000;
    private static final int ROUNDS = 15;
    private static final double MILLION = 1e6;
    private static final double WIDE = 1200;

    private LogBench() {}

    /** Prints what it measured. */
    public static void main(String[] args) throws Exception {
        Path file = Path.of(args[0]);
        if (args.length > 1 && args[1].equals("make")) {
            make(file);
            return;
        }
        LocalDate today = LocalDate.of(2026, 11, 30);
        // In the window the library that words come by was loaded by other pages before.
        Season small = Season.of(Seasons.of(today, 1, 2, 0), Asked.ALL);
        SeasonChart.of(small, WIDE).marks().forEach(m -> m.words());
        long begun = System.nanoTime();
        try (Book book = Book.open(file)) {
            long opened = System.nanoTime();
            List<Entry> entries = book.entries();
            long read = System.nanoTime();
            Season now = Season.of(
                    entries,
                    Asked.in(Span.season(
                            entries.stream().map(e -> e.when().day()).sorted().toList(), today)));
            int chart = SeasonChart.of(now, WIDE).marks().size();
            long done = System.nanoTime();
            System.out.printf(
                    "%d evenings, for the first time in a program: opened %.0f ms, read %.0f ms, the season added up and "
                            + "drawn (%d evenings, %d marks) %.0f ms; together after opening %.0f ms%n",
                    entries.size(),
                    (opened - begun) / MILLION,
                    (read - opened) / MILLION,
                    now.evenings().size(),
                    chart,
                    (done - read) / MILLION,
                    (done - opened) / MILLION);
            Asked season = Asked.in(new Span(today.minusMonths(10), today));
            measure("all of it, again", () -> SeasonChart.of(Season.of(entries, Asked.ALL), WIDE)
                    .marks()
                    .size());
            measure("one season", () -> Season.of(entries, season).evenings().size());
            measure("one skill", () -> Season.of(entries, Asked.ALL.of(Optional.of(Skill.SHOOTING)))
                    .evenings()
                    .size());
            measure("one of the people", () -> Season.of(entries, Asked.ALL.ofPerson(Entry.There.key("herd", "m7")))
                    .evenings()
                    .size());
            measure(
                    "one drill",
                    () -> Season.of(entries, Asked.ALL.ofDrill("d7")).evenings().size());
            measure("the people drawn", () -> RowsChart.people(Season.of(entries, Asked.ALL), k -> k, WIDE)
                    .marks()
                    .size());
            measure("what is read again when nothing changed", () -> book.entries()
                    .size());
            measure(
                    "what the cards of the Book say",
                    () -> Experience.of(entries).drills().size());
        }
    }

    private static void make(Path file) throws Exception {
        Files.deleteIfExists(file);
        try (Book book = Book.open(file)) {
            for (Drill drill : DemoBook.drills()) {
                book.drills().add(drill);
            }
            List<Entry> entries = Seasons.of(LocalDate.of(2026, 11, 30), EVENINGS, PEOPLE, TALLIES);
            long begun = System.nanoTime();
            book.of(LogKind.LOGS).addAll(entries, "New log");
            long added = System.nanoTime();
            int read = book.entries().size();
            System.out.printf(
                    "%d evenings with %d tallies: written in %.1f s, read from their texts once in %.1f s; %.0f MB%n",
                    read,
                    entries.stream()
                            .flatMap(e -> e.parts().stream())
                            .mapToInt(p -> p.result().counted().size())
                            .sum(),
                    (added - begun) / MILLION / 1000,
                    (System.nanoTime() - added) / MILLION / 1000,
                    Files.size(file) / MILLION);
        }
    }

    /** Something that is measured. */
    private interface Work {
        int done();
    }

    private static void measure(String what, Work work) {
        double[] times = new double[ROUNDS];
        int result = 0;
        for (int i = 0; i < ROUNDS; i++) {
            long begun = System.nanoTime();
            result = work.done();
            times[i] = (System.nanoTime() - begun) / MILLION;
        }
        double first = times[0];
        Arrays.sort(times);
        System.out.printf(
                "%s (%d): %.0f ms in the middle, %.0f at most, %.0f the first time%n",
                what, result, times[ROUNDS / 2], times[ROUNDS - 1], first);
    }
}

package wildchalk.bench.book;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.function.Supplier;
import wildchalk.core.catalogue.DrillQuery;
import wildchalk.core.catalogue.Likeness;
import wildchalk.storage.book.Book;

/**
 * How long a search of a large book takes, letter by letter as it is typed, and what else is asked of all of its
 * drills.
 */
public final class SearchBench {

    private static final List<String> TYPED = List.of(
            "first touch",
            "cones yellow",
            "lob",
            "heron",
            "2v1",
            "chase the ball",
            "pass and follow",
            "copper kettle",
            "under 12",
            "basketball",
            "shot",
            "back post",
            "head up",
            "carries",
            "on the whistle",
            "6 mini-goals",
            "decisions",
            "marking",
            "harder",
            "runs");
    private static final int SHOWN = 4;
    private static final int ROUNDS = 5;

    private SearchBench() {}

    /** @param args the book */
    public static void main(String[] args) {
        long begun = System.nanoTime();
        try (Book book = Book.open(Path.of(args[0]))) {
            System.out.printf(Locale.ROOT, "opening: %.0f ms, quick check included%n", since(begun));
            List<Book.Row> rows = book.rows();
            List<Double> took = new ArrayList<>();
            List<Double> lit = new ArrayList<>();
            for (int round = 0; round < ROUNDS; round++) {
                for (String phrase : TYPED) {
                    for (int letters = 1; letters <= phrase.length(); letters++) {
                        String typed = phrase.substring(0, letters);
                        long start = System.nanoTime();
                        List<Integer> found = book.search(typed);
                        took.add(since(start));
                        long light = System.nanoTime();
                        book.lit(typed, found.subList(0, Math.min(SHOWN, found.size())));
                        lit.add(since(light));
                    }
                }
            }
            tell(took.size() + " searches of " + rows.size() + " drills", took);
            tell("the words that are lit on a row of " + SHOWN + " cards, after that", lit);
            tell("listing all drills", times(book::rows));
            tell("filtering all drills", times(() -> rows.stream()
                    .filter(r -> DrillQuery.ANYTHING.people(OptionalInt.of(6)).fits(r.summary()))
                    .count()));
            tell("how much each is like one of them", times(() -> rows.stream()
                    .mapToDouble(r -> Likeness.of(rows.get(0).summary(), r.summary()))
                    .max()
                    .orElse(0)));
            long check = System.nanoTime();
            book.check();
            System.out.printf(
                    Locale.ROOT, "reading every drill and its check sum, beside the window: %.0f ms%n", since(check));
        }
    }

    /** What was found last: so that nothing that is measured can be left out as useless. */
    static volatile Object lookedAt;

    private static List<Double> times(Supplier<?> work) {
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            long start = System.nanoTime();
            lookedAt = work.get();
            took.add(since(start));
        }
        return took;
    }

    private static double since(long start) {
        return (System.nanoTime() - start) / 1e6;
    }

    private static void tell(String what, List<Double> took) {
        double[] sorted = took.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        System.out.printf(
                Locale.ROOT,
                "%s: %.1f ms in the middle, 95 of 100 under %.1f ms, at most %.1f ms%n",
                what,
                sorted[sorted.length / 2],
                sorted[sorted.length * 95 / 100],
                sorted[sorted.length - 1]);
    }
}

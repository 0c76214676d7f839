package wildchalk.core.log.chart;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;

/** Who was with whom: a dot for every two, as large as how often; open where it never was. */
public final class TogetherChart {

    /** Of more people than these it cannot be seen any more. */
    public static final int MOST = 36;

    private static final double LEFT = 130;
    private static final double TOP = 30;
    private static final double LARGEST = 30;
    private static final double SMALLEST = 13;
    private static final int LETTERS = 3;

    private TogetherChart() {}

    /**
     * Draws one of those who were there most.
     *
     * @param names what they are called
     * @param width dots, at least 400
     */
    public static Chart of(Season season, UnaryOperator<String> names, double width) {
        List<String> people =
                season.people().stream().limit(MOST).map(PersonLine::id).toList();
        if (people.size() < 2 || season.pairs().isEmpty()) {
            return new Chart(width, 0, List.of(), List.of(), List.of());
        }
        Map<String, Integer> times = new HashMap<>();
        season.pairs().forEach(p -> times.put(p.one() + " " + p.other(), p.times()));
        int most = season.pairs().get(0).times();
        double cell = Math.max(SMALLEST, Math.min(LARGEST, (width - LEFT) / people.size()));
        Drawing drawing = new Drawing(width, LEFT, width, LocalDate.EPOCH, 1);
        for (int i = 0; i < people.size(); i++) {
            String one = names.apply(people.get(i));
            double y = TOP + cell * (i + 0.5);
            drawing.write(0, y + 4, one, Chart.Weight.PLAIN, LEFT - 10);
            drawing.write(
                    LEFT + cell * (i + 0.5),
                    TOP - 8,
                    one.substring(0, Math.min(LETTERS, one.length())),
                    Chart.Side.MIDDLE,
                    Chart.Weight.QUIET);
            for (int j = 0; j < i; j++) {
                boolean ordered = people.get(i).compareTo(people.get(j)) < 0;
                String pair = people.get(ordered ? i : j) + " " + people.get(ordered ? j : i);
                int n = times.getOrDefault(pair, 0);
                String other = names.apply(people.get(j));
                double size = n == 0 ? 5 : Math.max(4, (cell - 3) * Math.sqrt((double) n / most));
                drawing.mark(
                        n == 0 ? Chart.Kind.RING : Chart.Kind.DOT,
                        LEFT + cell * (j + 0.5),
                        y,
                        size,
                        size,
                        () -> Drawing.say("together", one, other, n),
                        "");
            }
        }
        return drawing.done(TOP + cell * people.size() + 10);
    }
}

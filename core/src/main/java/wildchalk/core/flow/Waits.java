package wildchalk.core.flow;

import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.flow.Flow.Doing;

/**
 * How long people wait in a flow.
 *
 * @param each seconds for which somebody waits in all, everybody together, on average
 * @param usual a wait of those who take turns, the middle one, seconds; 0 where nobody waits
 * @param longest the longest of them, seconds
 * @param who the letter of whoever waits that long; empty for nobody
 */
public record Waits(double each, double usual, double longest, String who) {

    /** Those of a flow. */
    public static Waits of(Flow flow) {
        double each = flow.each().values().stream()
                .mapToDouble(e -> e.seconds(Doing.WAITING))
                .average()
                .orElse(0);
        Map<String, Flow.Each> taking = takingTurns(flow);
        List<Double> spans = taking.values().stream()
                .flatMap(e -> e.spans().stream())
                .filter(s -> s.doing() == Doing.WAITING)
                .map(Flow.Span::seconds)
                .sorted()
                .toList();
        if (spans.isEmpty()) {
            return new Waits(each, 0, 0, "");
        }
        Map.Entry<String, Flow.Each> longest = taking.entrySet().stream()
                .max(Comparator.comparingDouble(e -> e.getValue().longestWait()))
                .orElseThrow();
        return new Waits(each, spans.get(spans.size() / 2), longest.getValue().longestWait(), longest.getKey());
    }

    /**
     * Those who wait for their turn. Who is in every rep, a keeper or who feeds, waits for nobody's; who never has one
     * is told apart. Where all who play are in every rep it is they.
     */
    private static Map<String, Flow.Each> takingTurns(Flow flow) {
        DoubleSummaryStatistics reps =
                flow.each().values().stream().mapToDouble(Flow.Each::reps).summaryStatistics();
        int most = (int) reps.getMax();
        boolean all = flow.each().values().stream().allMatch(e -> e.reps() == most || e.reps() == 0);
        Map<String, Flow.Each> taking = new LinkedHashMap<>();
        flow.each().forEach((letter, e) -> {
            if (e.reps() > 0 && (all || e.reps() < most)) {
                taking.put(letter, e);
            }
        });
        return taking;
    }
}

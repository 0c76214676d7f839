package wildchalk.core.log.season;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;

/**
 * A drill in some evenings.
 *
 * @param id of the drill; empty for what was none, which goes by its title
 * @param title as it was called last
 * @param runs each time that it was run, in order
 */
public record DrillLine(String id, String title, List<Run> runs) {

    /** Fewer times than these say nothing of how long it takes. */
    public static final int ENOUGH = 3;

    private static final double MINUTE = 60;

    /** One time that it was run. */
    public record Run(Entry entry, Part part) {}

    public DrillLine {
        runs = List.copyOf(runs);
    }

    /** Those of some evenings, in order of time: what was run last first, of one evening by their titles. */
    static List<DrillLine> of(List<Entry> entries, Asked asked) {
        Map<String, List<Run>> by = new LinkedHashMap<>();
        for (Entry entry : entries) {
            for (Part part : asked.parts(entry)) {
                part.drill().ifPresent(d -> by.computeIfAbsent(d.id(), k -> new ArrayList<>())
                        .add(new Run(entry, part)));
            }
        }
        return by.entrySet().stream()
                .map(e -> new DrillLine(
                        e.getKey(),
                        e.getValue()
                                .get(e.getValue().size() - 1)
                                .part()
                                .drill()
                                .orElseThrow()
                                .title(),
                        e.getValue()))
                .sorted(Comparator.comparing(
                                (DrillLine d) -> d.last().entry().when().day())
                        .reversed()
                        .thenComparing(DrillLine::title)
                        .thenComparing(DrillLine::id))
                .toList();
    }

    /** The last time. */
    public Run last() {
        return runs.get(runs.size() - 1);
    }

    /** How often. */
    public int times() {
        return runs.size();
    }

    /** Minutes, all times together. */
    public double minutes() {
        return runs.stream().mapToDouble(r -> r.part().minutes()).sum();
    }

    /** How often it went how; nothing where nobody said it. */
    public Map<Part.Went, Integer> went() {
        Map<Part.Went, Integer> went = new EnumMap<>(Part.Went.class);
        runs.stream()
                .map(r -> r.part().went())
                .filter(w -> w != Part.Went.UNSAID)
                .forEach(w -> went.merge(w, 1, Integer::sum));
        return went;
    }

    /** How it went the last time that somebody said it; unsaid where nobody ever did. */
    public Part.Went lastWent() {
        for (int i = runs.size() - 1; i >= 0; i--) {
            if (runs.get(i).part().went() != Part.Went.UNSAID) {
                return runs.get(i).part().went();
            }
        }
        return Part.Went.UNSAID;
    }

    /** What is to be done next time, as it was said the last time; empty where nothing was. */
    public String next() {
        return last().part().next();
    }

    /** Minutes that it ran over what was planned, the middle one; empty where it was not planned often enough. */
    public Optional<Double> over() {
        List<Double> over = runs.stream()
                .filter(r -> r.part().time().planned() > 0)
                .map(r -> (r.part().time().ran() - r.part().time().planned()) / MINUTE)
                .sorted()
                .toList();
        return over.size() < ENOUGH ? Optional.empty() : Optional.of(Trend.middle(over));
    }

    /** Minutes that it usually runs, the middle one; empty where it was not run often enough. */
    public Optional<Double> usual() {
        List<Double> all = runs.stream().map(r -> r.part().minutes()).sorted().toList();
        return all.size() < ENOUGH ? Optional.empty() : Optional.of(Trend.middle(all));
    }
}

package wildchalk.core.log.season;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import wildchalk.core.log.Entry;

/** Counts who was in one group with whom, once and when somebody asks. */
final class Pairs implements Supplier<List<Season.Pair>> {

    private final List<Entry> entries;
    private List<Season.Pair> counted;

    Pairs(List<Entry> entries) {
        this.entries = entries;
    }

    @Override
    public synchronized List<Season.Pair> get() {
        if (counted == null) {
            counted = of(entries);
        }
        return counted;
    }

    private static List<Season.Pair> of(List<Entry> entries) {
        Map<String, Map<String, int[]>> times = new HashMap<>();
        for (Entry entry : entries) {
            for (List<String> group : entry.there().groups()) {
                List<String> keys =
                        group.stream().map(entry.there()::key).sorted().toList();
                for (int i = 0; i < keys.size(); i++) {
                    Map<String, int[]> with = times.computeIfAbsent(keys.get(i), k -> new HashMap<>());
                    for (int j = i + 1; j < keys.size(); j++) {
                        with.computeIfAbsent(keys.get(j), k -> new int[1])[0]++;
                    }
                }
            }
        }
        return times.entrySet().stream()
                .flatMap(one -> one.getValue().entrySet().stream()
                        .map(other -> new Season.Pair(one.getKey(), other.getKey(), other.getValue()[0])))
                .sorted(Comparator.comparingInt((Season.Pair p) -> -p.times())
                        .thenComparing(Season.Pair::one)
                        .thenComparing(Season.Pair::other))
                .toList();
    }
}

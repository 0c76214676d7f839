package wildchalk.core.log.season;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.log.Entry;

/** Counts who was in one group with whom. */
final class Pairs {

    private Pairs() {}

    static List<Season.Pair> of(List<Entry> entries) {
        Map<String, Map<String, Integer>> times = new HashMap<>();
        for (Entry entry : entries) {
            for (List<String> group : entry.there().groups()) {
                for (int i = 0; i < group.size(); i++) {
                    for (int j = i + 1; j < group.size(); j++) {
                        String one = entry.there().key(group.get(i));
                        String other = entry.there().key(group.get(j));
                        boolean ordered = one.compareTo(other) < 0;
                        times.computeIfAbsent(ordered ? one : other, k -> new HashMap<>())
                                .merge(ordered ? other : one, 1, Integer::sum);
                    }
                }
            }
        }
        return times.entrySet().stream()
                .flatMap(one -> one.getValue().entrySet().stream()
                        .map(other -> new Season.Pair(one.getKey(), other.getKey(), other.getValue())))
                .sorted(Comparator.comparingInt((Season.Pair p) -> -p.times())
                        .thenComparing(Season.Pair::one)
                        .thenComparing(Season.Pair::other))
                .toList();
    }
}

package wildchalk.core.pitchside.tally;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Run;

/**
 * How a game stands.
 *
 * @param by what each has, by what they are called, in the order in which they are counted for
 * @param fewest whether the fewest points win
 */
public record Tally(Map<String, Score> by, boolean fewest) {

    /**
     * What one has of one counter.
     *
     * @param made how often it was done
     * @param missed how often it was missed
     * @param now of a streak: how long it is by now
     * @param best of a streak: the longest
     */
    public record Count(int made, int missed, int now, int best) {

        static final Count NONE = new Count(0, 0, 0, 0);

        /** "7 of 10": all that was tried. */
        public int tries() {
            return made + missed;
        }

        private Count counted(int by, Counter.Way way) {
            if (by > 0) {
                int streak = now + by;
                return new Count(made + by, missed, streak, Math.max(best, streak));
            }
            if (way == Counter.Way.EACH) {
                return new Count(Math.max(0, made + by), missed, Math.max(0, now + by), best);
            }
            return new Count(made, missed - by, way == Counter.Way.STREAK_ON ? now : 0, best);
        }

        private int points(Counter counter) {
            return counter.worth()
                    * switch (counter.way()) {
                        case EACH, TRIES, STREAK_ON -> made;
                        case STREAK -> best;
                    };
        }
    }

    /**
     * What one has.
     *
     * @param counts by the id of the counter
     */
    public record Score(int points, Map<String, Count> counts) {
        public Score {
            counts = Collections.unmodifiableMap(new LinkedHashMap<>(counts));
        }
    }

    public Tally {
        by = Collections.unmodifiableMap(new LinkedHashMap<>(by));
    }

    /**
     * How a game stands after what was done in a run.
     *
     * @param who for whom it is counted, whether they have anything yet or not
     */
    public static Tally of(Scoring scoring, List<String> who, Run run) {
        Map<String, Map<String, Count>> counts = new LinkedHashMap<>();
        who.forEach(w -> counts.put(w, new LinkedHashMap<>()));
        Map<String, Counter> counters = new LinkedHashMap<>();
        scoring.counters().forEach(c -> counters.put(c.id(), c));
        for (Run.Done done : run.done()) {
            if (done.deed() instanceof Deed.Counted c && counters.containsKey(c.counter())) {
                Counter counter = counters.get(c.counter());
                counts.computeIfAbsent(c.who(), w -> new LinkedHashMap<>())
                        .compute(counter.id(), (id, had) -> (had == null ? Count.NONE : had)
                                .counted(c.by(), counter.way()));
            }
        }
        Map<String, Score> by = new LinkedHashMap<>();
        counts.forEach((w, each) -> by.put(
                w,
                new Score(
                        each.entrySet().stream()
                                .mapToInt(e -> e.getValue().points(counters.get(e.getKey())))
                                .sum(),
                        each)));
        return new Tally(by, scoring.fewest());
    }

    /** Who is in front: several where it is a tie, nobody where nothing was counted for anybody. */
    public List<String> leaders() {
        if (by.values().stream().allMatch(s -> s.counts().isEmpty())) {
            return List.of();
        }
        int best = by.values().stream()
                .mapToInt(Score::points)
                .reduce(fewest ? Math::min : Math::max)
                .orElse(0);
        List<String> leaders = new ArrayList<>();
        by.forEach((who, score) -> {
            if (score.points() == best) {
                leaders.add(who);
            }
        });
        return leaders;
    }
}

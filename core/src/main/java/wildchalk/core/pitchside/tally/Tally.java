package wildchalk.core.pitchside.tally;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Run;
import wildchalk.core.score.Counter;
import wildchalk.core.score.Scoring;

/**
 * How a game stands.
 *
 * @param by what each has, by what they are called, in the order in which they are counted for
 * @param scoring by which it is counted
 */
public record Tally(Map<String, Score> by, Scoring scoring) {

    /**
     * What one has of one counter.
     *
     * @param made how often it was done
     * @param missed how often it was missed
     * @param now of a streak: how long it is by now
     * @param best of a streak: the longest
     * @param times by the stopwatch, in the order in which they were taken
     */
    public record Count(int made, int missed, int now, int best, List<Deed.Timed> times) {

        static final Count NONE = new Count(0, 0, 0, 0, List.of());

        public Count {
            times = List.copyOf(times);
        }

        /** "7 of 10": all that was tried. */
        public int tries() {
            return made + missed;
        }

        /** The fastest, milliseconds; empty where nobody was timed. */
        public OptionalLong fastest() {
            return times.stream().mapToLong(Deed.Timed::millis).min();
        }

        private Count counted(int by, Counter.Way way) {
            if (by > 0) {
                int streak = now + by;
                return new Count(made + by, missed, streak, Math.max(best, streak), times);
            }
            if (way == Counter.Way.EACH) {
                return new Count(Math.max(0, made + by), missed, Math.max(0, now + by), best, times);
            }
            return new Count(made, missed - by, way == Counter.Way.STREAK_ON ? now : 0, best, times);
        }

        private Count timed(Deed.Timed time) {
            List<Deed.Timed> all = new ArrayList<>(times);
            all.add(time);
            return new Count(made, missed, now, best, all);
        }

        private int points(Counter counter) {
            return counter.worth()
                    * switch (counter.way()) {
                        case EACH, TRIES, STREAK_ON -> made;
                        case STREAK -> best;
                        case TIMED -> 0;
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

        /** Of one counter, whether anything was counted or not. */
        public Count of(String counter) {
            return counts.getOrDefault(counter, Count.NONE);
        }

        private OptionalLong fastest() {
            return counts.values().stream()
                    .flatMapToLong(c -> c.fastest().stream())
                    .min();
        }
    }

    public Tally {
        by = Collections.unmodifiableMap(new LinkedHashMap<>(by));
    }

    /**
     * How a game stands after what was done in a block of a run.
     *
     * @param who for whom it is counted, whether they have anything yet or not
     */
    public static Tally of(Scoring scoring, List<String> who, Run run, String block) {
        Map<String, Map<String, Count>> counts = new LinkedHashMap<>();
        who.forEach(w -> counts.put(w, new LinkedHashMap<>()));
        Map<String, Counter> counters = new LinkedHashMap<>();
        scoring.counters().forEach(c -> counters.put(c.id(), c));
        Following following = new Following(scoring);
        for (Run.Done done : run.done()) {
            if (done.deed() instanceof Deed.Counted c && counters.containsKey(c.counter()) && done.isIn(block)) {
                Counter counter = counters.get(c.counter());
                if (following.counts(c, counter)) {
                    add(counts, c.who(), counter, had -> had.counted(c.by(), counter.way()));
                }
            } else if (done.deed() instanceof Deed.Timed t && counters.containsKey(t.counter()) && done.isIn(block)) {
                add(counts, t.who(), counters.get(t.counter()), had -> had.timed(t));
            }
        }
        Map<String, Score> by = new LinkedHashMap<>();
        counts.forEach((w, each) -> by.put(w, new Score(points(w, counts, counters), each)));
        return new Tally(by, scoring);
    }

    /** What one has made for themselves, and what others have given them. */
    private static int points(String who, Map<String, Map<String, Count>> counts, Map<String, Counter> counters) {
        int points = 0;
        for (Map.Entry<String, Map<String, Count>> one : counts.entrySet()) {
            for (Map.Entry<String, Count> e : one.getValue().entrySet()) {
                Counter counter = counters.get(e.getKey());
                boolean mine = one.getKey().equals(who) != (counter.against() && counts.size() > 1);
                points += mine ? e.getValue().points(counter) : 0;
            }
        }
        return points;
    }

    /**
     * What must come before something counts: what was done since it counted last, by side. What it follows may be
     * nothing that is counted; then whoever counts has seen it.
     */
    private static final class Following {

        private final Scoring scoring;
        private final Set<String> done = new HashSet<>();

        Following(Scoring scoring) {
            this.scoring = scoring;
        }

        boolean counts(Deed.Counted deed, Counter counter) {
            String side = deed.who() + "\n";
            Optional<Counter> first = before(scoring, counter);
            boolean counts = first.isEmpty()
                    || deed.by() < 0
                    || done.contains(side + first.get().id());
            if (deed.by() > 0) {
                done.add(side + counter.id());
                first.filter(f -> counts).ifPresent(f -> done.remove(side + f.id()));
            }
            return counts;
        }
    }

    /** The counter that another must follow to count; empty where that is none that is counted. */
    private static Optional<Counter> before(Scoring scoring, Counter counter) {
        return scoring.counters().stream()
                .filter(c -> !c.id().equals(counter.id()))
                .filter(c -> c.words().equalsIgnoreCase(counter.after()))
                .findFirst();
    }

    /** Whether one more of something would count for somebody now: what it must follow has been done. */
    public static boolean wouldCount(Scoring scoring, String who, Counter counter, Run run, String block) {
        Following following = new Following(scoring);
        for (Run.Done done : run.done()) {
            if (done.deed() instanceof Deed.Counted c && done.isIn(block)) {
                scoring.counters().stream()
                        .filter(o -> o.id().equals(c.counter()))
                        .forEach(o -> following.counts(c, o));
            }
        }
        return following.counts(new Deed.Counted(counter.id(), who, 1), counter);
    }

    /** Who has won: whoever has more than half of what it is the best of; empty while nobody has, or it has no end. */
    public Optional<String> won() {
        return by.entrySet().stream()
                .filter(e -> scoring.bestOf() > 0 && e.getValue().points() * 2 > scoring.bestOf())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private static void add(
            Map<String, Map<String, Count>> counts, String who, Counter counter, UnaryOperator<Count> how) {
        counts.computeIfAbsent(who, w -> new LinkedHashMap<>())
                .compute(counter.id(), (id, had) -> how.apply(had == null ? Count.NONE : had));
    }

    /** Whether only the stopwatch counts. */
    private boolean isRace() {
        return !scoring.counters().isEmpty() && scoring.counters().stream().allMatch(c -> c.way() == Counter.Way.TIMED);
    }

    /** Who is in front: several where it is a tie, nobody where nothing was counted for anybody. */
    public List<String> leaders() {
        if (by.values().stream().allMatch(s -> s.counts().isEmpty())) {
            return List.of();
        }
        if (isRace()) {
            long best = by.values().stream()
                    .flatMapToLong(s -> s.fastest().stream())
                    .min()
                    .orElse(0);
            return leading(s -> s.fastest().equals(OptionalLong.of(best)));
        }
        int best = by.values().stream()
                .mapToInt(Score::points)
                .reduce(scoring.fewest() ? Math::min : Math::max)
                .orElse(0);
        return leading(s -> s.points() == best);
    }

    private List<String> leading(Predicate<Score> which) {
        return by.entrySet().stream()
                .filter(e -> which.test(e.getValue()))
                .map(Map.Entry::getKey)
                .toList();
    }
}

package wildchalk.core.waiting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Waits;
import wildchalk.core.measure.Unit;
import wildchalk.core.wording.Wordbook;

/**
 * Looks for what would cut the waiting: plays a drill with one change after the other and keeps those that help.
 *
 * @param helps what helps, in order of what it saves; what brings people near each other at speed comes after all that
 *     does not, and groups last: they are no better a drill, but less of it, and the others need something to do
 * @param tried how many changes were played
 * @param stopped whether it was stopped before all were
 */
public record Helps(List<Help> helps, int tried, boolean stopped) {

    static final Wordbook BOOK = Wordbook.beside(Helps.class, "Helps");

    /** What saves a smaller share of the waiting is not worth a change. */
    public static final double LEAST = 0.05;
    /** Turns of everybody that have to be more, as a share: who only walks instead of waiting is not helped. */
    private static final double MORE_TURNS = 0.02;
    /** Of two that save about as much the first is taken, which costs less or is seen better. */
    private static final double ALIKE = 0.02;
    /** On a shorter way back people walk less for each turn, as a share. */
    private static final double LESS_WALKING = 0.95;

    private static final int MOST = 8;

    public Helps {
        helps = List.copyOf(helps);
    }

    /**
     * What would help.
     *
     * @param unit what is said is said in
     * @param stop asked before each trial, on several threads; what was found by then is what there is
     */
    public static Helps of(Question question, Unit unit, BooleanSupplier stop) {
        Trials trials = new Trials(question, unit);
        List<Attempt> attempts = new ArrayList<>();
        if (trials.flow().each().size() > 0) {
            attempts.addAll(new PeopleAttempts(trials).all());
            attempts.addAll(new StartAttempts(trials).all());
            attempts.addAll(new RoleAttempts(trials).all());
            attempts.addAll(new GroundAttempts(trials).all());
        }
        AtomicInteger tried = new AtomicInteger();
        AtomicBoolean stopped = new AtomicBoolean();
        Map<Attempt, Help> found = new ConcurrentHashMap<>();
        attempts.parallelStream().forEach(attempt -> {
            if (stopped.get() || stop.getAsBoolean()) {
                stopped.set(true);
                return;
            }
            tried.incrementAndGet();
            tried(trials, attempt).ifPresent(h -> found.put(attempt, h));
        });
        // In the order in which they were thought of, whichever was played first.
        Map<Attempt.Of, Help> best = new LinkedHashMap<>();
        attempts.stream().filter(found::containsKey).forEach(a -> best.merge(a.of(), found.get(a), Helps::better));
        return new Helps(sorted(best), tried.get(), stopped.get());
    }

    private static List<Help> sorted(Map<Attempt.Of, Help> best) {
        return best.values().stream()
                .filter(h -> best.values().stream().noneMatch(o -> isSimpler(o, h)))
                .sorted(Comparator.<Help, Boolean>comparing(h -> h.price().crossings() > 0)
                        .thenComparing(h -> h.kind() == Kind.GROUPS)
                        .thenComparing(h -> -h.saving().seconds()))
                .limit(MOST)
                .toList();
    }

    /** Whether another does about as much with less said. */
    private static boolean isSimpler(Help other, Help one) {
        return other.kind() == one.kind()
                && other.words().length() < one.words().length()
                && other.price().crossings() <= one.price().crossings()
                && other.saving().seconds()
                        >= one.saving().seconds()
                                - ALIKE * one.saving().before().each();
    }

    private static Help better(Help one, Help other) {
        boolean crosses = one.price().crossings() > 0;
        if (crosses != other.price().crossings() > 0) {
            return crosses ? other : one;
        }
        double more = other.saving().seconds() - one.saving().seconds();
        return more > ALIKE * one.saving().before().each() ? other : one;
    }

    private static Optional<Help> tried(Trials trials, Attempt attempt) {
        Flow before = trials.flow();
        Flow after = trials.after(attempt).of(attempt.asked());
        Help.Saving saving = new Help.Saving(Waits.of(before), Waits.of(after));
        boolean helps = after.jams().isEmpty()
                && saving.share() >= LEAST
                && turns(after) >= (1 + MORE_TURNS) * turns(before)
                && (attempt.of().kind() != Kind.WAY_BACK || walking(after) <= LESS_WALKING * walking(before));
        if (!helps) {
            return Optional.empty();
        }
        Stage stage = trials.stageAfter(attempt);
        return Optional.of(new Help(
                attempt.of().kind(),
                attempt.words(),
                attempt.edit(),
                attempt.asked(),
                attempt.copies(),
                saving,
                Prices.of(trials, attempt, stage, after)));
    }

    /** Turns that everybody has on average. */
    private static double turns(Flow flow) {
        return flow.each().values().stream().mapToInt(Flow.Each::reps).average().orElse(0);
    }

    /** Seconds on the way for each turn. */
    private static double walking(Flow flow) {
        double turns = flow.each().values().stream().mapToInt(Flow.Each::reps).sum();
        return flow.each().values().stream()
                        .mapToDouble(e -> e.seconds(Doing.ON_THE_WAY))
                        .sum()
                / Math.max(1, turns);
    }
}

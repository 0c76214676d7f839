package wildchalk.core.pitchside;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.FitWords;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/**
 * What is left of a run, fitted into what is left of the slot. It is fitted from what was planned, not from what was
 * fitted before: time that was saved goes back to what was cut.
 *
 * @param words what is another than planned, in a sentence
 * @param rest the stretches after the block that is on
 * @param over seconds that it is too long even so
 */
public record Refit(String words, List<Stretch> rest, int over) {

    private static final long SECOND = 1000;

    public Refit {
        rest = List.copyOf(rest);
    }

    /**
     * Fits what comes after the block that is on; empty where nothing does.
     *
     * @param practice as it was planned
     * @param now the time of the day
     */
    public static Optional<Refit> of(Practice practice, Run run, KnownNeeds needs, Course.Doses doses, LocalTime now) {
        int done = run.stretch().map(s -> practice.place(s.block()) + 1).orElse(0);
        if (done == 0 || done >= practice.blocks().size()) {
            return Optional.empty();
        }
        int from = practice.slot().until(now) + (int) (leftOfBlock(run) / SECOND);
        Fit fit = Fit.from(practice, needs, done, from);
        Plan plan = Plan.from(fit.practice(), needs, done, from);
        return Optional.of(new Refit(FitWords.of(practice, fit), Course.stretches(plan, doses), fit.over()));
    }

    /** Milliseconds that the block that is on goes on for. */
    private static long leftOfBlock(Run run) {
        String block = run.stretch().orElseThrow().block();
        return Math.max(0, run.left())
                + run.course().stretches().stream()
                        .skip(run.at() + 1L)
                        .filter(s -> s.block().equals(block))
                        .mapToLong(Stretch::millis)
                        .sum();
    }
}

package wildchalk.core.pitchside;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.wording.Wordbook;

/**
 * What is left of a run, fitted into what is left of the slot. It is fitted from what was planned, not from what was
 * fitted before: time that was saved goes back to what was cut.
 *
 * @param words what is another than it stands now, in a sentence
 * @param rest the stretches after the block that is on
 * @param over seconds that it is too long even so
 */
public record Refit(String words, List<Stretch> rest, int over) {

    private static final Wordbook BOOK = Wordbook.beside(Refit.class, "Pitchside");
    private static final long SECOND = 1000;
    private static final int MINUTE = 60;

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
        List<Stretch> rest = Course.stretches(plan, doses);
        return Optional.of(new Refit(words(practice, run, rest, fit.over()), rest, fit.over()));
    }

    /** What is another than it stands now: what goes, what is back, what is longer or shorter. */
    private static String words(Practice practice, Run run, List<Stretch> rest, int over) {
        String on = run.stretch().orElseThrow().block();
        Map<String, Long> was = minutes(run.course().stretches().stream()
                .skip(run.at())
                .filter(s -> !s.block().equals(on))
                .toList());
        Map<String, Long> is = minutes(rest);
        List<String> parts = new ArrayList<>();
        for (Block block : practice.blocks()) {
            long then = was.getOrDefault(block.id(), 0L);
            long now = is.getOrDefault(block.id(), 0L);
            if (then != now) {
                parts.add(BOOK.say(key(then, now), BlockWords.of(block), now, then));
            }
        }
        if (parts.isEmpty()) {
            return BOOK.say(over > 0 ? "refit.over" : "refit.same", minutes(over));
        }
        return BOOK.say(over > 0 ? "refit.both" : "refit", String.join(BOOK.say("refit.comma"), parts), minutes(over));
    }

    private static String key(long then, long now) {
        if (now == 0) {
            return "refit.gone";
        }
        return then == 0 ? "refit.back" : "refit.other";
    }

    private static int minutes(int seconds) {
        return (seconds + MINUTE - 1) / MINUTE;
    }

    private static Map<String, Long> minutes(List<Stretch> stretches) {
        Map<String, Long> minutes = new LinkedHashMap<>();
        stretches.stream()
                .filter(s -> s.kind() != Stretch.Kind.BEFORE)
                .forEach(s -> minutes.merge(s.block(), s.millis(), Long::sum));
        minutes.replaceAll((b, millis) -> Math.round((double) millis / (SECOND * MINUTE)));
        return minutes;
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

package wildchalk.core.pitchside;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.drill.Dose;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Plan;
import wildchalk.core.wording.Wordbook;

/**
 * What a practice is made of when it is run: for each block what comes before it, then its turns.
 *
 * @param stretches one after another
 */
public record Course(List<Stretch> stretches) {

    private static final Wordbook BOOK = Wordbook.beside(Course.class, "Pitchside");
    private static final long SECOND = 1000;
    private static final int MINUTE = 60;

    public Course {
        stretches = List.copyOf(stretches);
    }

    /**
     * That of a practice.
     *
     * @param plan along the clock
     * @param doses how a block is practised, by the block: "40 s each, 20 s rest"; empty where nothing is said
     */
    public static Course of(Plan plan, Function<Block, Optional<Dose>> doses) {
        List<Stretch> all = new ArrayList<>();
        for (Plan.Entry entry : plan.entries()) {
            Block block = entry.block();
            all.add(new Stretch(
                    block.id(), Stretch.Kind.BEFORE, "", entry.before().seconds() * SECOND));
            all.addAll(turns(block.id(), block.time().now() * MINUTE * SECOND, doses.apply(block)));
        }
        return new Course(all);
    }

    /**
     * The turns of a block: those that its dose says, as many rounds of them as come nearest to its time, all of them a
     * little shorter or longer so that they fill it to the millisecond.
     */
    static List<Stretch> turns(String block, long millis, Optional<Dose> dose) {
        List<Dose.Turn> timed = dose.map(Dose::turns).orElse(List.of()).stream()
                .filter(t -> t.measure() != Dose.Measure.TIMES)
                .toList();
        double round = timed.stream().mapToDouble(Course::millis).sum();
        if (round <= 0 || round > millis * 2) {
            return List.of(new Stretch(block, Stretch.Kind.PLAY, "", millis));
        }
        long rounds = Math.max(1, Math.round(millis / round));
        List<Stretch> all = new ArrayList<>();
        double at = 0;
        for (long r = 0; r < rounds; r++) {
            for (Dose.Turn turn : timed) {
                long from = Math.round(at * millis / (round * rounds));
                at += millis(turn);
                long to = Math.round(at * millis / (round * rounds));
                if (to > from) {
                    all.add(new Stretch(
                            block, isRest(turn) ? Stretch.Kind.REST : Stretch.Kind.PLAY, turn.words(), to - from));
                }
            }
        }
        return all;
    }

    private static double millis(Dose.Turn turn) {
        return turn.amount() * SECOND * (turn.measure() == Dose.Measure.MINUTES ? MINUTE : 1);
    }

    private static boolean isRest(Dose.Turn turn) {
        String words = turn.words().toLowerCase(Locale.ROOT);
        return List.of(BOOK.say("rest").split(",")).stream().anyMatch(words::contains);
    }

    /** Milliseconds, all together. */
    public long millis() {
        return stretches.stream().mapToLong(Stretch::millis).sum();
    }

    /** The same with one stretch longer, or shorter. */
    Course longer(int stretch, long more) {
        List<Stretch> all = new ArrayList<>(stretches);
        all.set(stretch, all.get(stretch).longer(more));
        return new Course(all);
    }

    /** The same as far as the block of a stretch goes, then others. */
    Course anew(int stretch, List<Stretch> rest) {
        int from = stretch;
        while (from < stretches.size()
                && stretches.get(from).block().equals(stretches.get(stretch).block())) {
            from++;
        }
        List<Stretch> all = new ArrayList<>(stretches.subList(0, from));
        all.addAll(rest);
        return new Course(all);
    }
}

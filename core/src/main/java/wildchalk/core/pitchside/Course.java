package wildchalk.core.pitchside;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wildchalk.core.effort.Dose;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.wording.Wordbook;

/**
 * What a practice is made of when it is run: for each block what comes before it, then its turns.
 *
 * @param stretches one after another
 * @param warned how the ends of them are heard
 */
public record Course(List<Stretch> stretches, Practice.Warned warned) {

    private static final Wordbook BOOK = Wordbook.beside(Course.class, "Pitchside");
    private static final long SECOND = 1000;
    private static final int MINUTE = 60;

    public Course {
        stretches = List.copyOf(stretches);
    }

    /** One whose ends are heard as usual. */
    public Course(List<Stretch> stretches) {
        this(stretches, Practice.Warned.USUAL);
    }

    /** How rungs are practised. */
    @FunctionalInterface
    public interface Doses {

        /** Of which nothing is said. */
        Doses UNSAID = (play, rung) -> Optional.empty();

        /**
         * How long a rung is practised one way and another: "40 s each, 20 s rest"; empty where nothing is said.
         *
         * @param rung its id; empty for the lowest of the drill
         */
        Optional<Dose> of(Content.Play play, String rung);

        /** How groups go round a block; empty where they do not. */
        default Optional<GoingRound> round(Block block) {
            return Optional.empty();
        }
    }

    /**
     * That of a practice.
     *
     * @param plan along the clock
     */
    public static Course of(Plan plan, Doses doses, Practice.Warned warned) {
        return new Course(stretches(plan, doses), warned);
    }

    /** The stretches of what is left of a practice. */
    public static List<Stretch> stretches(Plan plan, Doses doses) {
        List<Stretch> all = new ArrayList<>();
        for (Plan.Entry entry : plan.entries()) {
            Block block = entry.block();
            all.add(new Stretch(
                    block.id(), Stretch.Kind.BEFORE, "", entry.before().seconds() * SECOND));
            all.addAll(doses.round(block)
                    .filter(r -> r.seconds() >= 1)
                    .map(r -> round(block, r))
                    .orElseGet(() -> block.content() instanceof Content.Play play
                            ? climbed(block, play, doses)
                            : turns(block.id(), "", millis(block), Optional.empty())));
        }
        return all;
    }

    private static long millis(Block block) {
        return block.time().now() * MINUTE * SECOND;
    }

    /** Turn after turn, with the changes between; in halves where the side is changed. */
    private static List<Stretch> round(Block block, GoingRound round) {
        boolean flipped = block.content() instanceof Content.Beside b
                && b.round().filter(Content.Round::flipped).isPresent();
        List<Stretch> all = new ArrayList<>();
        long gone = 0;
        for (int t = 0; t < round.turns().count(); t++) {
            if (t > 0) {
                long change = Math.round(round.change(t) * SECOND);
                all.add(new Stretch(block.id(), Stretch.Kind.REST, BOOK.say("change"), change));
                gone += change;
            }
            // The last one takes what rounding left.
            long turn = t == round.turns().count() - 1 ? millis(block) - gone : Math.round(round.seconds() * SECOND);
            gone += turn;
            if (flipped) {
                all.add(new Stretch(block.id(), Stretch.Kind.PLAY, BOOK.say("side"), turn / 2));
                all.add(new Stretch(block.id(), Stretch.Kind.PLAY, BOOK.say("side.other"), turn - turn / 2));
            } else {
                all.add(new Stretch(block.id(), Stretch.Kind.PLAY, "", turn));
            }
        }
        return all;
    }

    /** The rungs of a drill one after another, each for its minutes, or for its share of what the others leave. */
    private static List<Stretch> climbed(Block block, Content.Play play, Doses doses) {
        if (play.climbs().isEmpty()) {
            return turns(block.id(), "", millis(block), doses.of(play, ""));
        }
        List<Content.Climb> climbs = play.climbs();
        int said = climbs.stream().mapToInt(Content.Climb::minutes).sum();
        long sharing = climbs.stream().filter(c -> c.minutes() == 0).count();
        double share = sharing == 0 ? 0 : Math.max(1, block.time().now() - said) / (double) sharing;
        double all = said + share * sharing;
        List<Stretch> stretches = new ArrayList<>();
        double at = 0;
        for (Content.Climb climb : climbs) {
            long from = Math.round(at * millis(block) / all);
            at += climb.minutes() == 0 ? share : climb.minutes();
            long to = Math.round(at * millis(block) / all);
            if (to > from) {
                stretches.addAll(turns(block.id(), climb.rung(), to - from, doses.of(play, climb.rung())));
            }
        }
        return stretches;
    }

    /**
     * The turns of a block: those that its dose says, as many rounds of them as come nearest to its time, all of them a
     * little shorter or longer so that they fill it to the millisecond.
     */
    static List<Stretch> turns(String block, String rung, long millis, Optional<Dose> dose) {
        List<Dose.Turn> timed = dose.map(Dose::turns).orElse(List.of()).stream()
                .filter(t -> t.measure() != Dose.Measure.TIMES)
                .toList();
        // What is said in times each is played until the block is over.
        String said = timed.isEmpty() ? dose.map(Dose::words).orElse("") : "";
        double round = timed.stream().mapToDouble(Course::millis).sum();
        if (round <= 0 || round > millis * 2) {
            return List.of(new Stretch(block, Stretch.Kind.PLAY, said, millis, rung));
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
                            block,
                            isRest(turn) ? Stretch.Kind.REST : Stretch.Kind.PLAY,
                            turn.words(),
                            to - from,
                            rung));
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
        return new Course(all, warned);
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
        return new Course(all, warned);
    }
}

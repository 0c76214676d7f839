package wildchalk.core.pitchside;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Practice;

/**
 * What somebody wants to know who looks at a practice that runs.
 *
 * @param on what is on, or comes when what is before it is done; empty when all of it is over
 * @param stretch which turn of it
 * @param turn the number of the turn that is played on its rung, from 1; 0 before the first
 * @param turns how many there are on that rung in the block
 * @param left milliseconds of the stretch; below 0 for what goes on for longer than planned
 * @param coming the blocks after it, and when they begin if nothing takes longer than planned
 * @param done when all of it will be over then
 * @param late minutes later than the slot ends; below 0 for earlier
 */
public record Rundown(
        Optional<Block> on,
        Optional<Stretch> stretch,
        int turn,
        int turns,
        long left,
        List<Coming> coming,
        LocalTime done,
        int late) {

    private static final int DAY = 24 * 60 * 60;
    private static final int MINUTE = 60;
    private static final long SECOND = 1000;

    /** A block that is still to come, by what it is called. */
    public record Coming(String words, LocalTime at) {}

    public Rundown {
        coming = List.copyOf(coming);
    }

    /** That of a run, at a time of the day. */
    public static Rundown of(Run run, Practice practice, LocalTime now) {
        Optional<Stretch> stretch = run.stretch();
        Optional<Block> on = stretch.flatMap(s -> practice.block(s.block()));
        LocalTime done = now.plusSeconds(run.rest() / SECOND);
        LocalTime end = practice.slot().at(practice.slot().seconds());
        int apart = Math.floorMod(done.toSecondOfDay() - end.toSecondOfDay() + DAY / 2, DAY) - DAY / 2;
        return new Rundown(
                on,
                stretch,
                turn(run),
                turns(run),
                run.left(),
                coming(run, practice, now),
                done,
                Math.floorDiv(apart + MINUTE / 2, MINUTE));
    }

    private static int turn(Run run) {
        return run.stretch().map(s -> plays(run, s, run.at() + 1)).orElse(0);
    }

    private static int turns(Run run) {
        return run.stretch()
                .map(s -> plays(run, s, run.course().stretches().size()))
                .orElse(0);
    }

    /** How many turns of the same block, on the same rung, are among the first stretches. */
    private static int plays(Run run, Stretch of, int first) {
        return (int) run.course().stretches().stream()
                .limit(first)
                .filter(s ->
                        s.block().equals(of.block()) && s.rung().equals(of.rung()) && s.kind() == Stretch.Kind.PLAY)
                .count();
    }

    private static List<Coming> coming(Run run, Practice practice, LocalTime now) {
        List<Coming> coming = new ArrayList<>();
        String before = run.stretch().map(Stretch::block).orElse("");
        long after = Math.max(0, run.left());
        List<Stretch> all = run.course().stretches();
        for (Stretch stretch : all.subList(Math.min(all.size(), run.at() + 1), all.size())) {
            if (!stretch.block().equals(before) && stretch.kind() != Stretch.Kind.BEFORE) {
                coming.add(new Coming(
                        practice.block(stretch.block()).map(BlockWords::of).orElse(""),
                        now.plusSeconds(after / SECOND)));
                before = stretch.block();
            }
            after += stretch.millis();
        }
        return coming;
    }
}

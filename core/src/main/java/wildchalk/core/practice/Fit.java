package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Makes a practice fit its slot with the least loss: shortens blocks, down to their least, and drops those that need
 * not be. Every way of dropping is tried, and for each the cheapest way of shortening is known, so nothing loses less.
 *
 * @param practice as it fits, or comes nearest to fitting
 * @param loss what is lost: a minute of what need not be counts one, of what must be two, and each block that is
 *     dropped one more
 * @param over seconds that it is too long even so; 0 when it fits
 */
public record Fit(Practice practice, int loss, int over) {

    /** Blocks that need not be, more than these, are dropped from the end only. */
    private static final int MOST_TRIED = 14;

    private static final int MUST = 2;
    private static final int NICE = 1;
    private static final int DROP = 1;
    private static final int MINUTE = 60;

    /** Fits a whole practice into its slot. */
    public static Fit of(Practice practice, KnownNeeds needs) {
        return from(practice, needs, 0, 0);
    }

    /**
     * Fits what is left of a practice.
     *
     * @param done how many blocks are over: they stay as they are
     * @param now seconds after the start of the slot at which the next thing begins
     */
    public static Fit from(Practice practice, KnownNeeds needs, int done, int now) {
        List<Block> over = practice.blocks().subList(0, done);
        List<Block> rest = practice.blocks().subList(done, practice.blocks().size());
        List<Integer> nice = new ArrayList<>();
        for (int i = 0; i < rest.size(); i++) {
            if (!rest.get(i).must()) {
                nice.add(i);
            }
        }
        List<Integer> tried = nice.subList(Math.max(0, nice.size() - MOST_TRIED), nice.size());
        Changing changing = new Changing(practice.company(), practice.bag(), needs);
        Changing.Standing before = Changing.Standing.after(over);
        int room = practice.slot().seconds() - now;
        Tried best = null;
        for (int drop = 0; drop < 1 << tried.size(); drop++) {
            List<Block> left = new ArrayList<>(rest);
            int dropped = 0;
            for (int k = tried.size() - 1; k >= 0; k--) {
                if ((drop >> k & 1) == 1) {
                    dropped += left.remove((int) tried.get(k)).time().now() + DROP;
                }
            }
            Tried one = shortened(left, dropped, room, before, changing);
            if (best == null || Tried.BETTER.compare(one, best) < 0) {
                best = one;
            }
        }
        List<Block> all = new ArrayList<>(over);
        all.addAll(best.blocks());
        return new Fit(practice.of(all), best.loss(), best.over());
    }

    /** One way of dropping, with the best way of shortening what is left. */
    private record Tried(List<Block> blocks, int loss, int over) {

        static final Comparator<Tried> BETTER = Comparator.comparingInt(Tried::over)
                .thenComparingInt(Tried::loss)
                .thenComparing(t -> -t.blocks().size());
    }

    private static Tried shortened(
            List<Block> blocks, int dropped, int room, Changing.Standing before, Changing changing) {
        int seconds = 0;
        Changing.Standing last = before;
        for (Block block : blocks) {
            seconds += changing.between(last, block).seconds() + block.time().now() * MINUTE;
            last = last.after(block);
        }
        List<Block> now = new ArrayList<>(blocks);
        int loss = dropped;
        while (seconds > room) {
            Optional<Integer> next = shortest(now);
            if (next.isEmpty()) {
                break;
            }
            Block block = now.get(next.get());
            now.set(next.get(), block.lasting(block.time().at(block.time().now() - 1)));
            seconds -= MINUTE;
            loss += weight(block);
        }
        return new Tried(now, loss, Math.max(0, seconds - room));
    }

    private static int weight(Block block) {
        return block.must() ? MUST : NICE;
    }

    /** What loses least by a minute less: what need not be first; of several the one with most to spare, the last. */
    private static Optional<Integer> shortest(List<Block> blocks) {
        Integer found = null;
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            if (spare(block) > 0
                    && (found == null
                            || weight(block) < weight(blocks.get(found))
                            || weight(block) == weight(blocks.get(found))
                                    && spare(block) >= spare(blocks.get(found)))) {
                found = i;
            }
        }
        return Optional.ofNullable(found);
    }

    private static int spare(Block block) {
        return block.time().now() - block.time().least();
    }
}

package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.check.Typical;

/**
 * Makes a practice fit its slot with the least loss: shortens blocks, down to their least, drops those that need not
 * be, and has water where most can be set out over it. Every way of dropping is tried in every order with one water
 * elsewhere, and for each the cheapest way of shortening is known, so nothing loses less.
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
        Changing changing = new Changing(
                practice.company(), practice.bag(), practice.setting().changes(), needs);
        Search search = new Search(practice.slot().seconds() - now, Changing.Standing.after(over), changing);
        search.dropping(rest);
        if (search.isLosing()) {
            int typical = Typical.at(practice.company().age())
                    .water(practice.setting().heat().warmth());
            watered(rest, typical).forEach(search::dropping);
        }
        List<Block> all = new ArrayList<>(over);
        all.addAll(search.best.blocks());
        return new Fit(practice.of(all), search.best.loss(), search.best.over());
    }

    /**
     * Other orders, each with one water elsewhere, and nobody without it for longer than is typical, or than before.
     */
    private static List<List<Block>> watered(List<Block> blocks, int typical) {
        List<List<Block>> orders = new ArrayList<>();
        int dry = Math.max(typical, dry(blocks));
        for (int from = 0; from < blocks.size(); from++) {
            if (!blocks.get(from).isWater()) {
                continue;
            }
            for (int to = 1; to < blocks.size() - 1; to++) {
                List<Block> order = new ArrayList<>(blocks);
                order.add(to, order.remove(from));
                if (to != from && dry(order) <= dry) {
                    orders.add(order);
                }
            }
        }
        return orders;
    }

    /** The most minutes of blocks without water between. */
    private static int dry(List<Block> blocks) {
        int most = 0;
        int since = 0;
        for (Block block : blocks) {
            since = block.isWater() ? 0 : since + block.time().now();
            most = Math.max(most, since);
        }
        return most;
    }

    /** One way of dropping, with the best way of shortening what is left. */
    private record Tried(List<Block> blocks, int loss, int over) {

        static final Comparator<Tried> BETTER = Comparator.comparingInt(Tried::over)
                .thenComparingInt(Tried::loss)
                .thenComparing(t -> -t.blocks().size());
    }

    /** What comes before a block, by all that it depends on. */
    private record Between(String before, String standing, String next) {}

    /** Looks for what loses least. */
    private static final class Search {

        private final int room;
        private final Changing.Standing before;
        private final Changing changing;
        private final Map<Between, Integer> known = new HashMap<>();
        private Tried best;

        Search(int room, Changing.Standing before, Changing changing) {
            this.room = room;
            this.before = before;
            this.changing = changing;
        }

        boolean isLosing() {
            return best.loss() > 0 || best.over() > 0;
        }

        /** Every way of dropping, in one order. */
        void dropping(List<Block> order) {
            List<Integer> nice = new ArrayList<>();
            for (int i = 0; i < order.size(); i++) {
                if (!order.get(i).must()) {
                    nice.add(i);
                }
            }
            List<Integer> tried = nice.subList(Math.max(0, nice.size() - MOST_TRIED), nice.size());
            for (int drop = 0; drop < 1 << tried.size(); drop++) {
                List<Block> left = new ArrayList<>(order);
                int dropped = 0;
                for (int k = tried.size() - 1; k >= 0; k--) {
                    if ((drop >> k & 1) == 1) {
                        dropped += left.remove((int) tried.get(k)).time().now() + DROP;
                    }
                }
                // What loses more by dropping alone cannot be better than what fits.
                if (best == null || best.over() > 0 || dropped <= best.loss()) {
                    Tried one = shortened(left, dropped);
                    best = best == null || Tried.BETTER.compare(one, best) < 0 ? one : best;
                }
            }
        }

        private int seconds(List<Block> blocks) {
            int seconds = 0;
            Changing.Standing now = before;
            for (Block block : blocks) {
                Changing.Standing last = now;
                seconds += block.time().now() * MINUTE
                        + known.computeIfAbsent(
                                new Between(id(last.before()), id(last.standing()), block.id()),
                                k -> changing.between(last, block).seconds());
                now = last.after(block);
            }
            return seconds;
        }

        private static String id(Optional<Block> block) {
            return block.map(Block::id).orElse("");
        }

        private Tried shortened(List<Block> blocks, int dropped) {
            int seconds = seconds(blocks);
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

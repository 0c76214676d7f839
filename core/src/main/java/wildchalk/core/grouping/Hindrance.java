package wildchalk.core.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Why wishes that may not be broken cannot all be had. */
public final class Hindrance {

    /** Sets of more wishes than these are not tried one by one. */
    private static final int SMALL = 3;

    private Hindrance() {}

    /**
     * The least set of wishes that may not be broken of which one has to be; empty where all can be had, or where it
     * would take too long to know.
     */
    public static List<Wish> of(Asked asked) {
        List<Wish> musts = asked.wishes().stream().filter(Wish::must).toList();
        if (canBeHad(asked, musts)) {
            return List.of();
        }
        for (int size = 1; size <= Math.min(SMALL, musts.size()); size++) {
            Optional<List<Wish>> found = among(asked, musts, size, 0, List.of());
            if (found.isPresent()) {
                return found.get();
            }
        }
        // Left out one by one, as long as what is left cannot be had.
        List<Wish> least = new ArrayList<>(musts);
        for (Wish wish : musts) {
            List<Wish> without = new ArrayList<>(least);
            without.remove(wish);
            if (!canBeHad(asked, without)) {
                least = without;
            }
        }
        return List.copyOf(least);
    }

    private static Optional<List<Wish>> among(Asked asked, List<Wish> all, int size, int from, List<Wish> taken) {
        if (taken.size() == size) {
            return canBeHad(asked, taken) ? Optional.empty() : Optional.of(taken);
        }
        for (int i = from; i < all.size(); i++) {
            List<Wish> more = new ArrayList<>(taken);
            more.add(all.get(i));
            Optional<List<Wish>> found = among(asked, all, size, i + 1, more);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** Whether there is a division, of any sizes, in which none of these is broken. */
    static boolean canBeHad(Asked asked, List<Wish> wishes) {
        return new Trial(asked, wishes).from(0, 0);
    }

    /** Everybody in turn into each group in which nothing is broken for good. */
    private static final class Trial {

        /** After more tries than these it is taken that they can be had. */
        private static final int MOST = 200_000;

        private final int groups;
        private final List<Predicate<int[]>> hopes;
        private final int[] group;
        private final int[] order;
        private final boolean alike;
        private int tries;

        Trial(Asked asked, List<Wish> wishes) {
            this.groups = asked.groups();
            Hope hope = new Hope(asked);
            this.hopes = wishes.stream().map(w -> w.match(hope)).toList();
            this.group = new int[asked.people().size()];
            Arrays.fill(group, -1);
            this.order = hope.order(wishes);
            this.alike = wishes.stream().noneMatch(w -> w instanceof Wish.Pinned || w instanceof Wish.LateLast);
        }

        private boolean from(int k, int used) {
            if (++tries > MOST) {
                return true;
            }
            if (!hopes.stream().allMatch(h -> h.test(group))) {
                return false;
            }
            if (k == order.length) {
                return true;
            }
            int last = alike ? Math.min(groups, used + 1) : groups;
            for (int g = 0; g < last; g++) {
                group[order[k]] = g;
                if (from(k + 1, Math.max(used, g + 1))) {
                    return true;
                }
            }
            group[order[k]] = -1;
            return false;
        }
    }
}

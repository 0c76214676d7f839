package wildchalk.core.grouping.search;

import java.util.Random;
import java.util.function.BooleanSupplier;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Division;
import wildchalk.core.grouping.Judge;
import wildchalk.core.grouping.Verdict;
import wildchalk.core.grouping.Wish;

/** Tries all divisions there are; of those that are as good as one another it takes one by the seed. */
final class EveryDivision {

    /** How many there are into groups whose sizes differ by one at most; no fewer than are tried. */
    static double even(Asked asked) {
        int people = asked.people().size();
        int groups = asked.groups();
        double count = 1;
        int left = people;
        for (int g = 0; g < groups; g++) {
            int size = (left + groups - g - 1) / (groups - g);
            for (int k = 0; k < size; k++) {
                count *= (double) (left - k) / (k + 1);
            }
            left -= size;
        }
        // Which of the groups are the larger ones.
        int larger = people % groups;
        for (int k = 0; k < larger; k++) {
            count *= (double) (groups - k) / (k + 1);
        }
        return count;
    }

    /** How many there are into groups of any size; no fewer than are tried. */
    static double any(Asked asked) {
        return Math.pow(asked.groups(), asked.people().size());
    }

    /**
     * The best of those whose sizes differ by one at most: the best of all where no wish that may not be broken is.
     *
     * @param stop asked again and again; when it says so, the best so far is given
     */
    Division ofEven(Asked asked, BooleanSupplier stop) {
        return tried(asked, true, stop);
    }

    /** The best of all, of any sizes. */
    Division ofAll(Asked asked, BooleanSupplier stop) {
        return tried(asked, false, stop);
    }

    private static Division tried(Asked asked, boolean even, BooleanSupplier stop) {
        Trying trying = new Trying(new Judge(asked), even, stop);
        trying.from(0, 0);
        boolean all = (!even || trying.verdict.musts() == 0) && !stop.getAsBoolean();
        return Division.of(trying.judge, trying.best, all);
    }

    /** Everybody in turn into each group that has room. */
    private static final class Trying {

        private final Judge judge;
        private final boolean even;
        private final BooleanSupplier stop;
        private final int groups;
        private final int most;
        private final int larger;
        private final boolean alike;
        private final int[] group;
        private final int[] size;
        private final Random lots;
        private int[] best;
        private Verdict verdict;
        private int asGood;

        Trying(Judge judge, boolean even, BooleanSupplier stop) {
            Asked asked = judge.asked();
            int people = asked.people().size();
            this.judge = judge;
            this.even = even;
            this.stop = stop;
            this.groups = asked.groups();
            this.most = (people + groups - 1) / groups;
            this.larger = people % groups == 0 ? groups : people % groups;
            this.alike = !asked.style().isOrdered()
                    && asked.wishes().stream().noneMatch(w -> w instanceof Wish.Pinned || w instanceof Wish.LateLast);
            this.group = new int[people];
            this.size = new int[groups];
            this.lots = new Random(asked.seed());
            this.best = group.clone();
        }

        /**
         * @param i who is next
         * @param used how many groups have somebody
         */
        private void from(int i, int used) {
            if (i == group.length) {
                judge();
                return;
            }
            if (verdict != null && stop.getAsBoolean()) {
                return;
            }
            // Empty groups that are all alike are one.
            int last = alike ? Math.min(groups, used + 1) : groups;
            for (int g = 0; g < last; g++) {
                if (hasRoom(g)) {
                    group[i] = g;
                    size[g]++;
                    from(i + 1, g == used ? used + 1 : used);
                    size[g]--;
                }
            }
        }

        private boolean hasRoom(int g) {
            if (!even || size[g] < most - 1) {
                return true;
            }
            int full = 0;
            for (int n : size) {
                full += n == most ? 1 : 0;
            }
            return size[g] == most - 1 && full < larger;
        }

        private void judge() {
            Verdict now = judge.judge(group);
            int order = verdict == null ? -1 : now.compareTo(verdict);
            if (order < 0) {
                verdict = now;
                best = group.clone();
                asGood = 1;
            } else if (order == 0) {
                asGood++;
                if (lots.nextInt(asGood) == 0) {
                    best = group.clone();
                }
            }
        }
    }
}

package wildchalk.core.grouping;

import java.util.Arrays;
import java.util.Random;

/**
 * A search of its own that takes its time: many starts by lot, each going on for hundreds of thousands of swaps and
 * moves. What it found is kept in {@code best-known.csv}, so that it need not be found again with each run.
 */
final class LongSearch {

    private static final int[] LATE = {1, 10, 50, 200, 800};

    private final Judge judge;
    private final Random lots;
    private final int people;
    private final int groups;
    private Verdict best;

    private LongSearch(Asked asked, long seed) {
        this.judge = new Judge(asked);
        this.lots = new Random(seed);
        this.people = asked.people().size();
        this.groups = asked.groups();
    }

    static Verdict best(Asked asked, int starts, int tries) {
        LongSearch search = new LongSearch(asked, 7);
        for (int s = 0; s < starts; s++) {
            search.run(LATE[s % LATE.length], tries);
        }
        return search.best;
    }

    private void run(int late, int tries) {
        int[] group = new int[people];
        int shift = lots.nextInt(groups);
        int[] order = lots.ints(0, Integer.MAX_VALUE).limit(people).toArray();
        for (int i = 0; i < people; i++) {
            int rank = 0;
            for (int k = 0; k < people; k++) {
                rank += order[k] < order[i] || order[k] == order[i] && k < i ? 1 : 0;
            }
            group[i] = (rank + shift) % groups;
        }
        Verdict now = judge.judge(group);
        Verdict[] lately = new Verdict[late];
        Arrays.fill(lately, now);
        for (int t = 0; t < tries; t++) {
            int[] next = group.clone();
            change(next);
            Verdict then = judge.judge(next);
            if (then.compareTo(now) <= 0 || then.compareTo(lately[t % late]) <= 0) {
                group = next;
                now = then;
            }
            lately[t % late] = now;
            if (best == null || now.compareTo(best) < 0) {
                best = now;
            }
        }
    }

    /** One moves, two swap, or two pairs do. */
    private void change(int[] group) {
        int kind = lots.nextInt(10);
        if (kind == 0) {
            group[lots.nextInt(people)] = lots.nextInt(groups);
            return;
        }
        int a = lots.nextInt(people);
        int b = lots.nextInt(people);
        int one = group[a];
        int other = group[b];
        group[a] = other;
        group[b] = one;
        if (kind > 5) {
            for (int tries = 0; tries < 30; tries++) {
                int c = lots.nextInt(people);
                int d = lots.nextInt(people);
                if (c != b && d != a && c != a && d != b && group[c] == one && group[d] == other) {
                    group[c] = other;
                    group[d] = one;
                    return;
                }
            }
        }
    }
}

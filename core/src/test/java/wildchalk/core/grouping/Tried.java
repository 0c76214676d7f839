package wildchalk.core.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/** The best division there is, found by trying every one, with a judgement worked out a second time, for itself. */
final class Tried {

    private final List<Entrant> people;
    private final int groups;
    private final int[] strength;
    private final int[][] positions;
    private final List<ToIntFunction<int[]>> musts = new ArrayList<>();
    private final List<ToIntFunction<int[]>> others = new ArrayList<>();
    private final int[][] met;

    Tried(Asked asked) {
        people = asked.people();
        groups = asked.groups();
        strength = people.stream().mapToInt(Entrant::strength).toArray();
        positions = people.stream()
                .map(Entrant::first)
                .filter(p -> !p.isEmpty())
                .distinct()
                .map(position -> those(i -> people.get(i).first().equals(position)))
                .toArray(int[][]::new);
        asked.wishes().forEach(w -> (w.must() ? musts : others).add(broken(w)));
        met = new int[people.size()][people.size()];
        asked.lately()
                .forEach(evening -> evening.forEach(group -> {
                    for (int a : those(group)) {
                        for (int b : those(group)) {
                            met[a][b]++;
                        }
                    }
                }));
    }

    private int[] those(IntPredicate which) {
        return IntStream.range(0, people.size()).filter(which).toArray();
    }

    private int[] those(List<String> ids) {
        return those(i -> ids.contains(people.get(i).id()));
    }

    /** The judgement of the best of all, groups of any size among them. */
    double[] best() {
        int[] group = new int[people.size()];
        double[] best = judged(group);
        for (int i = next(group); i >= 0; i = next(group)) {
            double[] now = judged(group);
            best = compare(now, best) < 0 ? now : best;
        }
        return best;
    }

    /** Counts on as a number with as many digits as people; less than 0 after the last. */
    private int next(int[] group) {
        for (int i = 0; i < group.length; i++) {
            group[i]++;
            if (group[i] < groups) {
                return i;
            }
            group[i] = 0;
        }
        return -1;
    }

    private static int compare(double[] a, double[] b) {
        for (int k = 0; k < a.length; k++) {
            if (Math.abs(a[k] - b[k]) > 1e-6) {
                return Double.compare(a[k], b[k]);
            }
        }
        return 0;
    }

    /** Hard wishes, sizes, spread, positions, wishes, company. */
    double[] judged(int[] group) {
        int[] size = counts(group, IntStream.range(0, group.length).toArray());
        double[] sum = new double[groups];
        for (int i = 0; i < group.length; i++) {
            sum[group[i]] += strength[i];
        }
        int fewest = group.length / groups;
        int most = group.length % groups == 0 ? fewest : fewest + 1;
        double sizes = 0;
        double highest = 0;
        double lowest = 9;
        for (int g = 0; g < groups; g++) {
            sizes += Math.max(0, Math.max(size[g] - most, fewest - size[g]));
            if (size[g] > 0) {
                highest = Math.max(highest, sum[g] / size[g]);
                lowest = Math.min(lowest, sum[g] / size[g]);
            }
        }
        double uneven = 0;
        for (int[] position : positions) {
            int[] counts = counts(group, position);
            Arrays.sort(counts);
            uneven += counts[groups - 1] - counts[0];
        }
        double company = 0;
        for (int a = 0; a < group.length; a++) {
            for (int b = a + 1; b < group.length; b++) {
                company += group[a] == group[b] ? Math.pow(met[a][b], 3) : 0;
            }
        }
        return new double[] {all(musts, group), sizes, highest - lowest, uneven, all(others, group), company};
    }

    private static double all(List<ToIntFunction<int[]>> wishes, int[] group) {
        double sum = 0;
        for (ToIntFunction<int[]> wish : wishes) {
            sum += wish.applyAsInt(group);
        }
        return sum;
    }

    private int[] counts(int[] group, int[] who) {
        int[] counts = new int[groups];
        for (int i : who) {
            counts[group[i]]++;
        }
        return counts;
    }

    private ToIntFunction<int[]> broken(Wish wish) {
        if (wish instanceof Wish.Together t) {
            int[] who = those(t.people());
            return group -> who.length == 0 ? 0 : groups - empty(group, who) - 1;
        }
        if (wish instanceof Wish.Apart a) {
            int[] who = those(a.people());
            return group -> {
                int over = 0;
                for (int n : counts(group, who)) {
                    over += Math.max(0, n - 1);
                }
                return over;
            };
        }
        if (wish instanceof Wish.Pinned p) {
            int who = those(List.of(p.person()))[0];
            return group -> group[who] == p.group() ? 0 : 1;
        }
        if (wish instanceof Wish.InEach e) {
            int[] who = those(i -> people.get(i).positions().contains(e.position()));
            return group -> empty(group, who);
        }
        int[] left =
                those(i -> people.get(i).side() == Handed.LEFT || people.get(i).side() == Handed.BOTH);
        int[] right =
                those(i -> people.get(i).side() == Handed.RIGHT || people.get(i).side() == Handed.BOTH);
        return group -> empty(group, left) + empty(group, right);
    }

    /** How many groups have none of some. */
    private int empty(int[] group, int[] who) {
        int empty = 0;
        for (int n : counts(group, who)) {
            empty += n == 0 ? 1 : 0;
        }
        return empty;
    }
}

package wildchalk.core.grouping;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** How good divisions of one asking are. A division is a group, from 0, for each of the people in their order. */
public final class Judge {

    /** Parts of a step, squared, in which unevenness is told. */
    private static final double FINE = 1e6;

    private final Asked asked;
    private final int groups;
    private final int[] strength;
    /** Where each plays first: a number for each position, 0 for none. */
    private final int[] position;

    private final int positions;
    /** How much it weighs that a pair is together once more: the cube of how often they were lately. */
    private final int[][] met;

    private final boolean remembers;
    private final List<Rule> musts = new ArrayList<>();
    private final List<Rule> others = new ArrayList<>();

    /** How often a wish is broken in a division. */
    interface Rule {

        int broken(int[] group);
    }

    /** For one asking; what is weighed is worked out here, once. */
    public Judge(Asked asked) {
        this.asked = asked;
        this.groups = asked.groups();
        List<Entrant> people = asked.people();
        this.strength = people.stream().mapToInt(Entrant::strength).toArray();
        Map<String, Integer> numbers = new LinkedHashMap<>(Map.of("", 0));
        people.forEach(p -> numbers.putIfAbsent(p.first(), numbers.size()));
        this.position = people.stream().mapToInt(p -> numbers.get(p.first())).toArray();
        this.positions = numbers.size();
        this.met = met(asked);
        this.remembers = !asked.lately().isEmpty();
        Rules rules = new Rules(asked);
        asked.wishes().forEach(w -> (w.must() ? musts : others).add(w.match(rules)));
    }

    private static int[][] met(Asked asked) {
        Map<String, Integer> at = new HashMap<>();
        for (int i = 0; i < asked.people().size(); i++) {
            at.put(asked.people().get(i).id(), i);
        }
        int[][] met = new int[at.size()][at.size()];
        asked.lately().stream().flatMap(List::stream).forEach(group -> {
            List<Integer> there =
                    group.stream().filter(at::containsKey).map(at::get).toList();
            for (int a : there) {
                for (int b : there) {
                    met[a][b]++;
                }
            }
        });
        for (int[] row : met) {
            for (int b = 0; b < row.length; b++) {
                row[b] = row[b] * row[b] * row[b];
            }
        }
        return met;
    }

    /** What was asked. */
    public Asked asked() {
        return asked;
    }

    /** How often a wish is broken. */
    public int broken(Wish wish, int[] group) {
        return wish.match(new Rules(asked)).broken(group);
    }

    /** How good a division is. */
    public Verdict judge(int[] group) {
        int[] size = new int[groups];
        int[] sum = new int[groups];
        int[][] at = new int[groups][positions];
        for (int i = 0; i < group.length; i++) {
            size[group[i]]++;
            sum[group[i]] += strength[i];
            at[group[i]][position[i]]++;
        }
        return new Verdict(
                all(musts, group),
                sizes(size),
                spread(group, size, sum, at),
                spreadOfPositions(size, sum, at),
                all(others, group),
                company(group, size));
    }

    /** How far groups are from one another in strength on the whole: less is better; no part of a verdict. */
    public long unevenness(int[] group) {
        long[] size = new long[groups];
        long[] sum = new long[groups];
        for (int i = 0; i < group.length; i++) {
            size[group[i]]++;
            sum[group[i]] += strength[i];
        }
        double squares = 0;
        double all = 0;
        for (int g = 0; g < groups; g++) {
            double mean = size[g] == 0 ? 0 : (double) sum[g] / size[g];
            squares += mean * mean;
            all += mean;
        }
        return Math.round((squares - all * all / groups) * FINE);
    }

    private static long all(List<Rule> rules, int[] group) {
        long sum = 0;
        for (Rule rule : rules) {
            sum += rule.broken(group);
        }
        return sum;
    }

    private long sizes(int[] size) {
        int people = strength.length;
        int least = people / groups;
        int most = (people + groups - 1) / groups;
        long off = 0;
        for (int each : size) {
            off += Math.max(0, each - most) + Math.max(0, least - each);
        }
        return off;
    }

    private long spread(int[] group, int[] size, int[] sum, int[][] at) {
        return switch (asked.style()) {
            case EVEN -> difference(0, size, sum);
            case STRENGTH -> upsideDown(group, groups);
            case POSITION -> outOfPlace(size, at);
            case MIRROR -> unlike(group);
            case ONE_STRONG -> upsideDown(group, 1) * Verdict.WHOLE + difference(1, size, sum);
            case RANDOM -> 0;
        };
    }

    /** Largest minus smallest mean strength of the groups from one on. */
    private static long difference(int from, int[] size, int[] sum) {
        long most = Long.MIN_VALUE;
        long least = Long.MAX_VALUE;
        for (int g = from; g < size.length; g++) {
            if (size[g] > 0) {
                long mean = sum[g] * Verdict.WHOLE / size[g];
                most = Math.max(most, mean);
                least = Math.min(least, mean);
            }
        }
        return most < least ? 0 : most - least;
    }

    /** By how many steps weaker people are in stronger groups than others in weaker ones, of the first groups. */
    private long upsideDown(int[] group, int first) {
        long off = 0;
        for (int i = 0; i < group.length; i++) {
            for (int j = 0; j < group.length; j++) {
                if (group[i] < group[j] && group[i] < first) {
                    off += Math.max(0, strength[j] - strength[i]);
                }
            }
        }
        return off;
    }

    /** How many play elsewhere than most in their group. */
    private static long outOfPlace(int[] size, int[][] at) {
        long off = 0;
        for (int g = 0; g < size.length; g++) {
            int most = 0;
            for (int n : at[g]) {
                most = Math.max(most, n);
            }
            off += size[g] - most;
        }
        return off;
    }

    /** How far the groups are from being as strong as one another in each position. */
    private long unlike(int[] group) {
        long[][] sums = new long[positions][groups];
        for (int i = 0; i < group.length; i++) {
            sums[position[i]][group[i]] += strength[i];
        }
        long off = 0;
        for (long[] each : sums) {
            long most = 0;
            long least = Long.MAX_VALUE;
            for (long n : each) {
                most = Math.max(most, n);
                least = Math.min(least, n);
            }
            off += most - least;
        }
        return off;
    }

    private long spreadOfPositions(int[] size, int[] sum, int[][] at) {
        if (asked.style() == Style.STRENGTH || asked.style() == Style.RANDOM) {
            return 0;
        }
        if (asked.style() == Style.POSITION) {
            return difference(0, size, sum);
        }
        long off = 0;
        for (int p = 1; p < positions; p++) {
            int most = 0;
            int least = Integer.MAX_VALUE;
            for (int g = 0; g < groups; g++) {
                most = Math.max(most, at[g][p]);
                least = Math.min(least, at[g][p]);
            }
            off += most - least;
        }
        return off;
    }

    /** Once for the first time that a pair was together, and much more for each time after. */
    private long company(int[] group, int[] size) {
        if (!remembers || asked.style() == Style.RANDOM) {
            return 0;
        }
        int[] members = new int[group.length];
        int[] end = new int[groups];
        for (int g = 0, sum = 0; g < groups; g++) {
            end[g] = sum;
            sum += size[g];
        }
        long sum = 0;
        int[] first = end.clone();
        for (int i = 0; i < group.length; i++) {
            int g = group[i];
            for (int k = first[g]; k < end[g]; k++) {
                sum += met[i][members[k]];
            }
            members[end[g]++] = i;
        }
        return sum;
    }
}

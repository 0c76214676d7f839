package wildchalk.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Entrant;
import wildchalk.core.grouping.Handed;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;
import wildchalk.core.grouping.search.Divider;

/** How long groups take: the very first of a fresh program, then those of 12 to 40 people in 2 to 8 groups. */
public final class GroupsBench {

    private static final int SQUADS = 60;
    private static final double MILLIS = 1e6;
    private static final List<String> POSITIONS = List.of("keeper", "back", "middle", "front");

    private GroupsBench() {}

    public static void main(String[] args) {
        System.out.printf("18 people in 3 groups, the first of a fresh program: %.0f ms%n", millis(asked(0, 18, 3)));
        double[] each = new double[SQUADS];
        for (int k = 0; k < SQUADS; k++) {
            each[k] = millis(asked(k, 12 + k * 11 % 29, 2 + k % 7));
        }
        Arrays.sort(each);
        System.out.printf(
                "12 to 40 people in 2 to 8 groups, then: %.0f ms in the middle, 95 of 100 under %.0f ms, at most %.0f ms%n",
                each[SQUADS / 2], each[SQUADS * 95 / 100], each[SQUADS - 1]);
    }

    private static double millis(Asked asked) {
        long begun = System.nanoTime();
        Divider.usual().divide(asked);
        return (System.nanoTime() - begun) / MILLIS;
    }

    private static Asked asked(int seed, int people, int groups) {
        Random random = new Random(seed);
        List<Entrant> all = new ArrayList<>();
        List<List<String>> evening = new ArrayList<>();
        for (int g = 0; g < groups; g++) {
            evening.add(new ArrayList<>());
        }
        for (int i = 0; i < people; i++) {
            String position = POSITIONS.get(random.nextInt(POSITIONS.size()));
            all.add(new Entrant("p" + i, 1 + random.nextInt(5), List.of(position), Handed.RIGHT, Set.of()));
            evening.get(random.nextInt(groups)).add("p" + i);
        }
        List<Wish> wishes = List.of(
                new Wish.Together(List.of("p1", "p2"), true),
                new Wish.Apart(List.of("p3", "p4"), true),
                new Wish.InEach("keeper", false));
        return new Asked(all, groups, Style.EVEN, wishes, List.of(evening, evening), seed);
    }
}

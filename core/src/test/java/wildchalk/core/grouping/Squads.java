package wildchalk.core.grouping;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Random people with random wishes. */
final class Squads {

    private static final List<String> POSITIONS = List.of("keeper", "back", "middle", "front");

    private final Random random;

    Squads(long seed) {
        this.random = new Random(seed);
    }

    static String id(int i) {
        return "p" + (char) ('A' + i / 10) + i % 10;
    }

    List<Entrant> people(int n) {
        List<Entrant> people = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            List<String> positions = new ArrayList<>(POSITIONS);
            Collections.shuffle(positions, random);
            Handed[] sides = Handed.values();
            people.add(new Entrant(
                    id(i),
                    1 + random.nextInt(5),
                    positions.subList(0, random.nextInt(3)),
                    sides[random.nextInt(sides.length)],
                    Set.of()));
        }
        return people;
    }

    private List<String> some(int n) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            all.add(id(i));
        }
        Collections.shuffle(all, random);
        return all.subList(0, Math.min(n, 2 + random.nextInt(2)));
    }

    Wish wish(int n, int groups) {
        boolean must = random.nextBoolean();
        return switch (random.nextInt(5)) {
            case 0 -> new Wish.Together(some(n), must);
            case 1 -> new Wish.Apart(some(n), must);
            case 2 -> new Wish.Pinned(id(random.nextInt(n)), random.nextInt(groups), must);
            case 3 -> new Wish.InEach(POSITIONS.get(random.nextInt(POSITIONS.size())), must);
            default -> new Wish.BothSides(must);
        };
    }

    List<Wish> wishes(int n, int groups) {
        List<Wish> wishes = new ArrayList<>();
        int many = random.nextInt(5);
        for (int k = 0; k < many; k++) {
            wishes.add(wish(n, groups));
        }
        return wishes;
    }

    /** One to three evenings before, each in groups by lot. */
    List<List<List<String>>> lately(int n, int groups) {
        List<List<List<String>>> lately = new ArrayList<>();
        int evenings = random.nextInt(4);
        for (int e = 0; e < evenings; e++) {
            List<List<String>> evening = new ArrayList<>();
            for (int g = 0; g < groups; g++) {
                evening.add(new ArrayList<>());
            }
            for (int i = 0; i < n; i++) {
                evening.get(random.nextInt(groups)).add(id(i));
            }
            lately.add(evening);
        }
        return lately;
    }

    Asked asked(int n, int groups) {
        return new Asked(people(n), groups, Style.EVEN, wishes(n, groups), lately(n, groups), random.nextInt(1000));
    }
}

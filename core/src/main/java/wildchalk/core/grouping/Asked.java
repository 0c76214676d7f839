package wildchalk.core.grouping;

import java.util.Comparator;
import java.util.List;

/**
 * What is wanted.
 *
 * @param people in any order: it makes no difference
 * @param groups how many, at least 1
 * @param style after what they are divided
 * @param lately who was with whom: the groups of each evening before, the latest last
 * @param seed from which lots are drawn and ties are decided
 */
public record Asked(
        List<Entrant> people, int groups, Style style, List<Wish> wishes, List<List<List<String>>> lately, long seed) {

    /** More people than these are not divided in one go. */
    public static final int MOST_PEOPLE = 60;

    public Asked {
        if (groups < 1) {
            throw new IllegalArgumentException("groups=" + groups);
        }
        people = people.stream().sorted(Comparator.comparing(Entrant::id)).toList();
        wishes = List.copyOf(wishes);
        lately = lately.stream()
                .map(evening -> evening.stream().map(List::copyOf).toList())
                .toList();
    }

    /** How many groups of about a size there are of so many people: that which is nearest to it, rather more. */
    public static int ofAbout(int people, int size) {
        int few = Math.max(1, people / size);
        double over = (double) people / few - size;
        double under = size - (double) people / (few + 1);
        return over < under || few + 1 > people ? few : few + 1;
    }

    /** In how many evenings in a row, the last among them, two were in one group. */
    public int inARow(String one, String other) {
        int row = 0;
        for (int e = lately.size() - 1; e >= 0; e--) {
            if (lately.get(e).stream().noneMatch(g -> g.contains(one) && g.contains(other))) {
                return row;
            }
            row++;
        }
        return row;
    }

    /** The same from another seed. */
    public Asked seeded(long newSeed) {
        return new Asked(people, groups, style, wishes, lately, newSeed);
    }

    /** The same with other wishes. */
    public Asked wishing(List<Wish> newWishes) {
        return new Asked(people, groups, style, newWishes, lately, seed);
    }
}

package wildchalk.core.grouping;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import wildchalk.core.grouping.Entrant.Note;

/** How often each wish is broken, as it is counted. Whoever is wished for but is not there counts for nothing. */
final class Rules implements WishCases<Judge.Rule> {

    private final List<Entrant> people;
    private final int groups;

    Rules(Asked asked) {
        this.people = asked.people();
        this.groups = asked.groups();
    }

    private int[] those(List<String> ids) {
        return IntStream.range(0, people.size())
                .filter(i -> ids.contains(people.get(i).id()))
                .toArray();
    }

    private int[] those(Note note) {
        return IntStream.range(0, people.size())
                .filter(i -> people.get(i).notes().contains(note))
                .toArray();
    }

    private Judge.Rule oneGroup(int[] who) {
        return group -> who.length < 2 ? 0 : used(who, group) - 1;
    }

    private int used(int[] who, int[] group) {
        boolean[] used = new boolean[groups];
        int n = 0;
        for (int i : who) {
            if (!used[group[i]]) {
                used[group[i]] = true;
                n++;
            }
        }
        return n;
    }

    @Override
    public Judge.Rule together(Wish.Together wish) {
        return oneGroup(those(wish.people()));
    }

    @Override
    public Judge.Rule apart(Wish.Apart wish) {
        int[] who = those(wish.people());
        return group -> who.length - used(who, group);
    }

    @Override
    public Judge.Rule pinned(Wish.Pinned wish) {
        int[] who = those(List.of(wish.person()));
        return group -> who.length > 0 && group[who[0]] != wish.group() ? 1 : 0;
    }

    @Override
    public Judge.Rule inEach(Wish.InEach wish) {
        return without(i -> people.get(i).positions().contains(wish.position()));
    }

    @Override
    public Judge.Rule bothSides(Wish.BothSides wish) {
        Judge.Rule left = without(i -> people.get(i).side().isLeft());
        Judge.Rule right = without(i -> people.get(i).side().isRight());
        return group -> left.broken(group) + right.broken(group);
    }

    /** How many groups have nobody of some. */
    private Judge.Rule without(IntPredicate some) {
        List<Integer> found = new ArrayList<>();
        IntStream.range(0, people.size()).filter(some).forEach(found::add);
        int[] who = found.stream().mapToInt(Integer::intValue).toArray();
        return group -> groups - used(who, group);
    }

    @Override
    public Judge.Rule lateLast(Wish.LateLast wish) {
        int[] who = those(Note.LATE);
        return group -> {
            int elsewhere = 0;
            for (int i : who) {
                elsewhere += group[i] == groups - 1 ? 0 : 1;
            }
            return elsewhere;
        };
    }

    @Override
    public Judge.Rule easyTogether(Wish.EasyTogether wish) {
        return oneGroup(those(Note.EASY));
    }
}

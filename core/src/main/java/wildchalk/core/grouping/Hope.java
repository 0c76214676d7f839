package wildchalk.core.grouping;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import wildchalk.core.grouping.Entrant.Note;

/** Whether a wish can still come true while some, at -1, are in no group yet. */
final class Hope implements WishCases<Predicate<int[]>> {

    private final List<Entrant> people;
    private final int groups;

    Hope(Asked asked) {
        this.people = asked.people();
        this.groups = asked.groups();
    }

    private int[] those(IntPredicate some) {
        return IntStream.range(0, people.size()).filter(some).toArray();
    }

    private int[] those(List<String> ids) {
        return those(i -> ids.contains(people.get(i).id()));
    }

    private int[] those(Note note) {
        return those(i -> people.get(i).notes().contains(note));
    }

    /** Whom any of the wishes is about, those that may be about everybody last. */
    int[] order(List<Wish> wishes) {
        Set<Integer> named = new TreeSet<>();
        Set<Integer> others = new TreeSet<>();
        for (Wish wish : wishes) {
            boolean many = wish instanceof Wish.InEach || wish instanceof Wish.BothSides;
            for (int i : wish.match(new Whom(this))) {
                (many ? others : named).add(i);
            }
        }
        others.removeAll(named);
        return IntStream.concat(
                        named.stream().mapToInt(Integer::intValue),
                        others.stream().mapToInt(Integer::intValue))
                .toArray();
    }

    /** Whom a wish is about. */
    private record Whom(Hope hope) implements WishCases<int[]> {

        @Override
        public int[] together(Wish.Together wish) {
            return hope.those(wish.people());
        }

        @Override
        public int[] apart(Wish.Apart wish) {
            return hope.those(wish.people());
        }

        @Override
        public int[] pinned(Wish.Pinned wish) {
            return hope.those(List.of(wish.person()));
        }

        @Override
        public int[] inEach(Wish.InEach wish) {
            return hope.those(i -> hope.people.get(i).positions().contains(wish.position()));
        }

        @Override
        public int[] bothSides(Wish.BothSides wish) {
            return hope.those(i -> hope.people.get(i).side().isLeft()
                    || hope.people.get(i).side().isRight());
        }

        @Override
        public int[] lateLast(Wish.LateLast wish) {
            return hope.those(Note.LATE);
        }

        @Override
        public int[] easyTogether(Wish.EasyTogether wish) {
            return hope.those(Note.EASY);
        }
    }

    private static Predicate<int[]> oneGroup(int[] who) {
        return group -> IntStream.of(who)
                        .map(i -> group[i])
                        .filter(g -> g >= 0)
                        .distinct()
                        .count()
                <= 1;
    }

    @Override
    public Predicate<int[]> together(Wish.Together wish) {
        return oneGroup(those(wish.people()));
    }

    @Override
    public Predicate<int[]> apart(Wish.Apart wish) {
        int[] who = those(wish.people());
        return group -> {
            int[] placed =
                    IntStream.of(who).map(i -> group[i]).filter(g -> g >= 0).toArray();
            return who.length <= groups && IntStream.of(placed).distinct().count() == placed.length;
        };
    }

    @Override
    public Predicate<int[]> pinned(Wish.Pinned wish) {
        int[] who = those(List.of(wish.person()));
        return group ->
                wish.group() < groups && IntStream.of(who).allMatch(i -> group[i] < 0 || group[i] == wish.group());
    }

    @Override
    public Predicate<int[]> inEach(Wish.InEach wish) {
        return covers(those(i -> people.get(i).positions().contains(wish.position())));
    }

    @Override
    public Predicate<int[]> bothSides(Wish.BothSides wish) {
        return covers(those(i -> people.get(i).side().isLeft()))
                .and(covers(those(i -> people.get(i).side().isRight())));
    }

    /** Whether those who are in no group yet are enough for the groups that have none of them. */
    private Predicate<int[]> covers(int[] who) {
        return group -> {
            long covered = IntStream.of(who)
                    .map(i -> group[i])
                    .filter(g -> g >= 0)
                    .distinct()
                    .count();
            long free = IntStream.of(who).filter(i -> group[i] < 0).count();
            return free >= groups - covered;
        };
    }

    @Override
    public Predicate<int[]> lateLast(Wish.LateLast wish) {
        int[] who = those(Note.LATE);
        return group -> IntStream.of(who).allMatch(i -> group[i] < 0 || group[i] == groups - 1);
    }

    @Override
    public Predicate<int[]> easyTogether(Wish.EasyTogether wish) {
        return oneGroup(those(Note.EASY));
    }
}

package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.colour.Bib;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;

/**
 * Groups of an evening, and what was wanted of them.
 *
 * @param style after what they are divided
 * @param wishes what is wished of them
 * @param seed of the lots
 * @param groups in order
 */
public record Groups(Style style, List<Wish> wishes, long seed, List<Group> groups) {

    /**
     * One group.
     *
     * @param people ids
     */
    public record Group(Bib bib, List<String> people) {
        public Group {
            people = List.copyOf(people);
        }
    }

    public Groups {
        wishes = List.copyOf(wishes);
        groups = List.copyOf(groups);
    }

    /** Their people, group by group. */
    public List<List<String>> people() {
        return groups.stream().map(Group::people).toList();
    }

    /** The same with other people in them, group by group. */
    public Groups of(List<List<String>> people) {
        List<Group> all = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++) {
            all.add(new Group(groups.get(g).bib(), people.get(g)));
        }
        return new Groups(style, wishes, seed, all);
    }

    /** The same with somebody in another group, from 0, at its end. */
    public Groups moved(String person, int to) {
        List<List<String>> all = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++) {
            List<String> people = new ArrayList<>(groups.get(g).people());
            people.remove(person);
            if (g == to) {
                people.add(person);
            }
            all.add(people);
        }
        return of(all);
    }

    /** The same with other wishes. */
    public Groups wishing(List<Wish> newWishes) {
        return new Groups(style, newWishes, seed, groups);
    }

    /** The same without somebody, and without the wishes that are about nobody then. */
    public Groups without(String person) {
        List<List<String>> all = people().stream()
                .map(g -> g.stream().filter(p -> !p.equals(person)).toList())
                .toList();
        return of(all).wishing(
                        wishes.stream().flatMap(w -> w.without(person).stream()).toList());
    }
}

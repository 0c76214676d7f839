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
 * @param groups in order; none while only wishes are known
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

    /** None yet, and nothing wished. */
    public static final Groups NONE = new Groups(Style.EVEN, List.of(), 1, List.of());

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

    /** What each wears, in their order. */
    public List<Bib> bibs() {
        return groups.stream().map(Group::bib).toList();
    }

    /** The same with a group wearing another bib; a group that wore it wears what this one did. */
    public Groups wearing(int group, Bib bib) {
        Bib before = groups.get(group).bib();
        List<Group> all = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++) {
            Group one = groups.get(g);
            Bib worn = one.bib() == bib ? before : one.bib();
            all.add(new Group(g == group ? bib : worn, one.people()));
        }
        return new Groups(style, wishes, seed, all);
    }

    /** What stays for another evening: the style, and the wishes that are about no group of this one. */
    public Groups emptied() {
        return new Groups(
                style, wishes.stream().filter(w -> !(w instanceof Wish.Pinned)).toList(), seed, List.of());
    }

    /** The same with other wishes. */
    public Groups wishing(List<Wish> newWishes) {
        return new Groups(style, newWishes, seed, groups);
    }

    /** The same with somebody in none of them; wishes wait for them. */
    public Groups leaving(String person) {
        return of(people().stream()
                .map(g -> g.stream().filter(p -> !p.equals(person)).toList())
                .toList());
    }

    /** The same without somebody, and without the wishes that are about nobody then. */
    public Groups without(String person) {
        return leaving(person)
                .wishing(
                        wishes.stream().flatMap(w -> w.without(person).stream()).toList());
    }
}

package wildchalk.core.evening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Venue;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.squad.FirstNames;
import wildchalk.core.squad.GroupNames;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;

/**
 * An evening that is handed on, with what is known of it.
 *
 * @param plan along the clock
 * @param needs what its drills take
 * @param drills as they were planned
 * @param squad whose it is; empty where that is not known
 * @param venue what it is on; empty where nothing is known of it
 * @param who what is said of people
 */
public record Handed(
        Practice practice,
        Plan plan,
        KnownNeeds needs,
        Map<Content.Planned, Drill> drills,
        Optional<Squad> squad,
        Optional<Venue> venue,
        Who who) {

    /**
     * What is said of people.
     *
     * @param named whether they are called by their first names; else by the colours of groups and the numbers of staff
     * @param marked id of the one of the staff whose things are marked; empty for nobody
     */
    public record Who(boolean named, String marked) {

        /** Nobody is named, nobody's things are marked. */
        public static final Who NOBODY = new Who(false, "");
    }

    static final Wordbook BOOK = Wordbook.beside(Handed.class, "Evening");

    public Handed {
        drills = Map.copyOf(drills);
    }

    /** The same with other things said of people. */
    public Handed saying(Who other) {
        return new Handed(practice, plan, needs, drills, squad, venue, other);
    }

    /** The drill of a block; empty for what is none, and for one that is not there. */
    public Optional<Drill> drill(Block block) {
        return block.play().findFirst().flatMap(p -> Optional.ofNullable(drills.get(p.drill())));
    }

    /**
     * What a coach wrote, as it may go out: where nobody is to be named, without the names of those who play that stand
     * in it.
     */
    public String silent(String words) {
        if (who.named() || squad.isEmpty()) {
            return words;
        }
        String names = squad.orElseThrow()
                .all()
                .map(Member::name)
                .flatMap(n -> Stream.of(n, n.strip().split("\\s+")[0]))
                .filter(n -> n.length() > 1)
                .distinct()
                .sorted(Comparator.comparing(String::length).reversed())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        return names.isEmpty()
                ? words
                : Pattern.compile("(?U)\\b(?:" + names + ")\\b").matcher(words).replaceAll("\u2026");
    }

    /** Those who help, in the order of the squad. */
    public List<Helper> staff() {
        return squad.map(Squad::staff).orElse(List.of());
    }

    /** What one of the staff is called: "Vigdis", or "coach 2"; empty for nobody. */
    public String lead(String id) {
        List<Helper> staff = staff();
        for (int i = 0; i < staff.size(); i++) {
            if (staff.get(i).id().equals(id)) {
                return who.named() ? staff.get(i).name() : BOOK.say("coach", i + 1);
            }
        }
        return "";
    }

    /**
     * A group.
     *
     * @param bib its colour; empty where nothing is known of it
     * @param size how many are in it
     * @param people their first names; none where nobody is named
     */
    public record Group(String name, Optional<Bib> bib, int size, List<String> people) {
        public Group {
            people = List.copyOf(people);
        }
    }

    /** The groups of the evening, in their order; none where nobody is divided. */
    public List<Group> groups() {
        List<Group> all = new ArrayList<>();
        Groups tonight = squad.flatMap(s -> s.tonight().groups()).orElse(Groups.NONE);
        List<String> names = GroupNames.of(tonight.bibs());
        Map<String, String> called = squad.map(s -> FirstNames.of(s.playing())).orElse(Map.of());
        for (int g = 0; g < tonight.groups().size(); g++) {
            Groups.Group group = tonight.groups().get(g);
            List<String> people =
                    group.people().stream().filter(called::containsKey).toList();
            all.add(new Group(
                    names.get(g),
                    Optional.of(group.bib()),
                    people.size(),
                    who.named() ? people.stream().map(called::get).toList() : List.of()));
        }
        for (int g = all.size(); g < practice.company().groups().size(); g++) {
            all.add(new Group(
                    BOOK.say("group", g + 1),
                    Optional.empty(),
                    practice.company().groups().get(g),
                    List.of()));
        }
        return all;
    }

    /** What a group is called, by its number from 1. */
    public String group(int number) {
        List<Group> groups = groups();
        return number <= groups.size() ? groups.get(number - 1).name() : BOOK.say("group", number);
    }
}

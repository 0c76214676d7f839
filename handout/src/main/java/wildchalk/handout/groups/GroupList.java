package wildchalk.handout.groups;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wildchalk.core.colour.Bib;
import wildchalk.core.squad.FirstNames;
import wildchalk.core.squad.GroupNames;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;

/**
 * Groups as others may read them.
 *
 * @param title of the squad
 * @param groups in their order
 */
public record GroupList(String title, List<Group> groups) {

    /** What is written of people. */
    public enum Shown {
        NAMES,
        NUMBERS,
        BOTH
    }

    /**
     * One group.
     *
     * @param name what it is called, with a capital
     * @param people as they are written
     */
    public record Group(String name, Bib bib, List<String> people) {
        public Group {
            people = List.copyOf(people);
        }
    }

    public GroupList {
        groups = List.copyOf(groups);
    }

    /** The groups of tonight; none while there are none. Nothing else of anybody comes with it. */
    public static GroupList of(Squad squad, Shown shown) {
        Groups tonight = squad.tonight().groups().orElse(Groups.NONE);
        List<String> names = GroupNames.of(tonight.bibs());
        Map<String, String> called = FirstNames.of(squad.all().toList());
        List<Group> groups = new ArrayList<>();
        for (int g = 0; g < names.size(); g++) {
            Groups.Group group = tonight.groups().get(g);
            groups.add(new Group(
                    capital(names.get(g)),
                    group.bib(),
                    group.people().stream()
                            .flatMap(id -> squad.person(id).stream())
                            .map(m -> written(m, called.get(m.id()), shown))
                            .toList()));
        }
        return new GroupList(squad.title(), groups);
    }

    private static String written(Member person, String name, Shown shown) {
        return switch (shown) {
            case NAMES -> name;
                // Where numbers were asked for, no name goes out for want of one.
            case NUMBERS -> person.number().isEmpty() ? FirstNames.initials(person.name()) : person.number();
            case BOTH -> (person.number() + " " + name).strip();
        };
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}

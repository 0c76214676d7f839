package wildchalk.core.squad;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Who is there on one evening, and into which groups they are put.
 *
 * @param day empty where none is said
 * @param presence by id; of whom nothing is said is there
 * @param guests who are there and do not belong to the squad
 * @param groups as they stand; empty while there are none
 */
public record Evening(
        Optional<LocalDate> day, Map<String, Presence> presence, List<Member> guests, Optional<Groups> groups) {

    /** One of which nothing is said. */
    public static final Evening UNSAID = new Evening(Optional.empty(), Map.of(), List.of(), Optional.empty());

    public Evening {
        presence = Collections.unmodifiableMap(new LinkedHashMap<>(presence));
        guests = List.copyOf(guests);
    }

    /** Whether and how somebody is there. */
    public Presence of(String person) {
        return presence.getOrDefault(person, Presence.THERE);
    }

    /** The same with somebody there otherwise. */
    public Evening with(String person, Presence how) {
        Map<String, Presence> all = new LinkedHashMap<>(presence);
        if (how.equals(Presence.THERE)) {
            all.remove(person);
        } else {
            all.put(person, how);
        }
        return new Evening(day, all, guests, groups);
    }

    /** The same with one guest more. */
    public Evening welcoming(Member guest) {
        List<Member> all = new ArrayList<>(guests);
        all.add(guest);
        return new Evening(day, presence, all, groups);
    }

    /** The same with other groups. */
    public Evening in(Groups newGroups) {
        return new Evening(day, presence, guests, Optional.of(newGroups));
    }

    /** The same without anything that is known of somebody. */
    public Evening without(String person) {
        Map<String, Presence> all = new LinkedHashMap<>(presence);
        all.remove(person);
        return new Evening(
                day,
                all,
                guests.stream().filter(g -> !g.id().equals(person)).toList(),
                groups.map(g -> g.without(person)));
    }
}

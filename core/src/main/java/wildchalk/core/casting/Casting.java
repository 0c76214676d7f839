package wildchalk.core.casting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Who plays whom.
 *
 * @param people by the id of a role the ids of those who play it, whoever is in front first
 */
public record Casting(Map<String, List<String>> people) {

    /** Nobody plays anybody. */
    public static final Casting NONE = new Casting(Map.of());

    public Casting {
        Map<String, List<String>> copy = new LinkedHashMap<>();
        people.forEach((role, some) -> copy.put(role, List.copyOf(some)));
        people = Collections.unmodifiableMap(copy);
    }

    /** Whoever is in front of a role; empty when nobody plays it. */
    public Optional<String> front(String role) {
        return people.getOrDefault(role, List.of()).stream().findFirst();
    }

    /** The same with somebody in front of a role, by hand; whoever was there is where they were. */
    public Casting with(String role, String person) {
        Optional<String> before = front(role);
        Map<String, List<String>> all = new LinkedHashMap<>();
        people.forEach((r, some) -> {
            List<String> now = new ArrayList<>();
            some.forEach(p -> {
                if (p.equals(person)) {
                    before.ifPresent(now::add);
                } else {
                    now.add(p);
                }
            });
            all.put(r, now);
        });
        List<String> here = new ArrayList<>(all.getOrDefault(role, List.of()));
        if (here.isEmpty()) {
            here.add(person);
        } else {
            here.set(0, person);
        }
        all.put(role, here);
        return new Casting(all);
    }
}

package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What people are called where others read it: by their first name, with as much more as tells them apart. */
public final class FirstNames {

    private FirstNames() {}

    /** A name for each, by id: "Ada", "Bo K." beside "Bo L.", all of it where that is not enough. */
    public static Map<String, String> of(List<Member> people) {
        Map<String, String> names = new HashMap<>();
        Map<String, List<Member>> alike =
                people.stream().collect(Collectors.groupingBy(m -> first(m.name()), Collectors.toList()));
        alike.forEach((first, some) -> some.forEach(m -> names.put(m.id(), some.size() == 1 ? first : more(m, some))));
        return names;
    }

    private static String more(Member one, List<Member> alike) {
        String own = initialed(one.name());
        boolean told =
                alike.stream().filter(m -> initialed(m.name()).equals(own)).count() == 1;
        return told ? own : one.name();
    }

    private static String first(String name) {
        return name.strip().split("\\s+")[0];
    }

    private static String initialed(String name) {
        List<String> parts = new ArrayList<>(List.of(name.strip().split("\\s+")));
        return parts.size() == 1 ? parts.get(0) : parts.get(0) + " " + letter(parts.get(parts.size() - 1)) + ".";
    }

    private static String letter(String word) {
        return word.substring(0, word.offsetByCodePoints(0, 1));
    }

    /** The first letters of a name, for where no name may stand: "A. K." */
    public static String initials(String name) {
        return Stream.of(name.strip().split("\\s+"))
                .filter(p -> !p.isEmpty())
                .map(p -> letter(p) + ".")
                .collect(Collectors.joining(" "));
    }
}

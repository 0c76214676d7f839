package wildchalk.core.log.season;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.log.Entry;
import wildchalk.core.wording.Wordbook;

/**
 * What people are called in what goes out of the program: by their names where that was wished for, else by a number,
 * and then no name that is known stands in any of its words either.
 */
public final class Called {

    private static final Wordbook BOOK = Wordbook.beside(Called.class, "Season");
    private static final String SOMEBODY = "\u2026";

    private final Map<String, String> names;
    private final boolean named;
    private final Map<String, String> numbers = new LinkedHashMap<>();

    /**
     * Calls them.
     *
     * @param entries in which they are: they are numbered in the order in which they came
     * @param names of those who are known, by their keys ({@link Entry.There#key})
     * @param named whether names were wished for
     */
    public Called(List<Entry> entries, Map<String, String> names, boolean named) {
        this.names = Map.copyOf(names);
        this.named = named;
        entries.stream().sorted(Season.IN_TIME).forEach(e -> e.there().known().stream()
                .sorted()
                .forEach(
                        id -> numbers.computeIfAbsent(e.there().key(id), k -> BOOK.say("number", numbers.size() + 1))));
    }

    /** Somebody, by their key. */
    public String of(String key) {
        String number = numbers.getOrDefault(key, BOOK.say("somebody"));
        return named ? names.getOrDefault(key, number) : number;
    }

    /** Whoever something was counted for in an entry: one of the squad, or a side as it was called. */
    public String in(Entry entry, String who) {
        String key = entry.there().key(who);
        return numbers.containsKey(key) || names.containsKey(key) ? of(key) : words(who);
    }

    /** Words of a coach, without the name of anybody where names were not wished for. */
    public String words(String text) {
        if (named) {
            return text;
        }
        String clean = text;
        List<String> all = new ArrayList<>(names.values());
        // A name that another begins with must not leave the rest of that one.
        all.sort((a, b) -> b.length() - a.length());
        for (String name : all) {
            clean = silent(clean, name);
            for (String part : name.split("\\s+")) {
                clean = part.length() > 2 ? silent(clean, part) : clean;
            }
        }
        return clean;
    }

    private static String silent(String text, String name) {
        return name.isBlank()
                ? text
                : text.replaceAll("(?iu)(?<!\\p{L})\\Q" + name.replace("\\E", "") + "\\E(?!\\p{L})", SOMEBODY);
    }
}

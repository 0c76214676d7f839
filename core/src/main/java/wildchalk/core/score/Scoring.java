package wildchalk.core.score;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.wording.Wordbook;

/**
 * How a game is scored: "far half 3, through a gate 4, fewest wins; limit 8 s; forfeit two lengths".
 *
 * @param counters in the order of their keys, none for what has only a limit
 * @param fewest whether the fewest points win
 * @param each whether it is counted for each of those who play, rather than for sides
 * @param bestOf of how many points the better half wins; 0 for any number
 * @param limit what must be kept to, in the coach's words; may be empty
 * @param forfeit what whoever loses does, in the coach's words; may be empty
 */
public record Scoring(List<Counter> counters, boolean fewest, boolean each, int bestOf, String limit, String forfeit) {

    /** More counters than these nobody has keys for. */
    public static final int MOST = 9;

    private static final Wordbook BOOK = Wordbook.beside(Scoring.class, "Scoring");
    private static final Pattern WORTH = Pattern.compile("(.*\\S)\\s+([+-]?\\d{1,3})");
    private static final Pattern BEST = Pattern.compile(BOOK.say("best") + "\\s+(\\d{1,3})");
    private static final String NEXT = "; ";
    private static final Map<String, Counter.Way> WAYS = Map.of(
            "row-on", Counter.Way.STREAK_ON,
            "row", Counter.Way.STREAK,
            "tries", Counter.Way.TRIES,
            "timed", Counter.Way.TIMED);

    public Scoring {
        counters = List.copyOf(counters);
    }

    /** One for sides, without a limit. */
    public Scoring(List<Counter> counters, boolean fewest) {
        this(counters, fewest, false, 0, "", "");
    }

    /** What a coach typed; empty when nothing in it can be counted or kept to. */
    public static Optional<Scoring> read(String typed) {
        List<Counter> counters = new ArrayList<>();
        boolean fewest = false;
        boolean each = false;
        int bestOf = 0;
        String limit = "";
        String forfeit = "";
        for (String section : typed.strip().split("\\s*;\\s*")) {
            Optional<String> limited = after(section, BOOK.say("limit"));
            Optional<String> lost = after(section, BOOK.say("forfeit"));
            limit = limited.orElse(limit);
            forfeit = lost.orElse(forfeit);
            if (limited.isEmpty() && lost.isEmpty()) {
                for (String part : section.split("\\s*,\\s*")) {
                    Matcher best = BEST.matcher(part.toLowerCase(Locale.ROOT));
                    if (best.matches()) {
                        bestOf = Integer.parseInt(best.group(1));
                    } else if (part.equalsIgnoreCase(BOOK.say("fewest"))) {
                        fewest = true;
                    } else if (part.equalsIgnoreCase(BOOK.say("each"))) {
                        each = true;
                    } else if (!part.isBlank() && counters.size() < MOST) {
                        counters.add(counter(part, counters));
                    }
                }
            }
        }
        return counters.isEmpty() && limit.isEmpty()
                ? Optional.empty()
                : Optional.of(new Scoring(counters, fewest, each, bestOf, limit, forfeit));
    }

    /** What comes after a word that a section begins with. */
    private static Optional<String> after(String section, String word) {
        String begun = section.toLowerCase(Locale.ROOT);
        return begun.startsWith(word + " ") || begun.startsWith(word + ":")
                ? Optional.of(section.substring(word.length() + 1).strip()).filter(s -> !s.isEmpty())
                : Optional.empty();
    }

    private static Counter counter(String part, List<Counter> before) {
        Matcher m = WORTH.matcher(part);
        String words = m.matches() ? m.group(1) : part;
        int worth = m.matches() ? Integer.parseInt(m.group(2)) : 1;
        boolean against = words.toLowerCase(Locale.ROOT).endsWith(" " + BOOK.say("against"));
        if (against) {
            words = words.substring(0, words.length() - BOOK.say("against").length() - 1);
        }
        String only = " " + BOOK.say("after") + " ";
        int follows = words.toLowerCase(Locale.ROOT).indexOf(only);
        String after = follows < 0 ? "" : words.substring(follows + only.length());
        words = follows < 0 ? words : words.substring(0, follows);
        Counter.Way way = Counter.Way.EACH;
        for (String key : List.of("row-on", "row", "tries", "timed")) {
            String end = " " + BOOK.say(key);
            if (way == Counter.Way.EACH && words.toLowerCase(Locale.ROOT).endsWith(end)) {
                way = WAYS.get(key);
                words = words.substring(0, words.length() - end.length());
            }
        }
        return new Counter(free(words, before), words, way, worth, after, against);
    }

    /** An id that follows from the words, so that what was counted is found again when others are added. */
    private static String free(String words, List<Counter> before) {
        Set<String> taken = new HashSet<>();
        before.forEach(c -> taken.add(c.id()));
        String id = words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        String free = id;
        for (int n = 2; taken.contains(free); n++) {
            free = id + "-" + n;
        }
        return free;
    }

    /** As a coach would write it; reading it gives the same again where this was read from what somebody typed. */
    public String words() {
        List<String> parts = new ArrayList<>();
        counters.forEach(c -> parts.add(words(c)));
        if (fewest) {
            parts.add(BOOK.say("fewest"));
        }
        if (each) {
            parts.add(BOOK.say("each"));
        }
        if (bestOf > 0) {
            parts.add(BOOK.say("best") + " " + bestOf);
        }
        List<String> sections = new ArrayList<>();
        if (!parts.isEmpty()) {
            sections.add(String.join(", ", parts));
        }
        if (!limit.isEmpty()) {
            sections.add(BOOK.say("limit") + " " + limit);
        }
        if (!forfeit.isEmpty()) {
            sections.add(BOOK.say("forfeit") + " " + forfeit);
        }
        return String.join(NEXT, sections);
    }

    private static String words(Counter counter) {
        String way = WAYS.entrySet().stream()
                .filter(e -> e.getValue() == counter.way())
                .map(e -> " " + BOOK.say(e.getKey()))
                .findFirst()
                .orElse("");
        String after = counter.after().isEmpty() ? "" : " " + BOOK.say("after") + " " + counter.after();
        String against = counter.against() ? " " + BOOK.say("against") : "";
        String all = counter.words() + way + after + against;
        // A number at the end of the words would be read as what it is worth.
        boolean worth = counter.worth() != 1 || WORTH.matcher(all).matches();
        return all + (worth ? " " + counter.worth() : "");
    }
}

package wildchalk.core.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.practice.Content;
import wildchalk.core.wording.Wordbook;

/**
 * An evening as somebody types it in, a line for each part: what it was, its minutes, how it went, and after a sign
 * what to do next time: {@code Three gates 12 so-so > fewer balls}.
 *
 * @param parts in order
 * @param unclear lines in which no minutes are said, as they were typed
 * @param endless lines with more minutes than any part of an evening has
 */
public record Jotted(List<Part> parts, List<String> unclear, List<String> endless) {

    /** Not a line. */
    public static final Jotted NOTHING = new Jotted(List.of(), List.of(), List.of());

    private static final Wordbook BOOK = Wordbook.beside(Jotted.class, "Log");
    private static final Pattern LINE = Pattern.compile("(.*\\S)\\s+(\\d{1,3})(?:\\s*min\\.?|\\s*')?\\s*(.*)");
    private static final int MINUTE = 60;
    private static final int LONGEST_TITLE = 200;

    public Jotted {
        parts = List.copyOf(parts);
        unclear = List.copyOf(unclear);
        endless = List.copyOf(endless);
    }

    /**
     * Reads what was typed.
     *
     * @param drills those of the book, by their titles in small letters
     */
    public static Jotted read(String typed, Map<String, Content.Planned> drills) {
        List<Part> parts = new ArrayList<>();
        List<String> unclear = new ArrayList<>();
        List<String> endless = new ArrayList<>();
        typed.lines().map(String::strip).filter(l -> !l.isEmpty()).forEach(line -> {
            String[] halves = line.split("\\s*>\\s*", 2);
            Matcher m = LINE.matcher(halves[0].strip());
            int minutes = m.matches() ? Integer.parseInt(m.group(2)) : 0;
            if (minutes == 0 || went(m.group(3)).isEmpty()) {
                unclear.add(line);
            } else if (minutes * MINUTE > Part.LONGEST) {
                endless.add(line);
            } else {
                parts.add(part(m.group(1), minutes, drills)
                        .going(went(m.group(3)).get())
                        .nextTime(halves.length > 1 ? halves[1] : ""));
            }
        });
        return new Jotted(parts, unclear, endless);
    }

    private static Part part(String typed, int minutes, Map<String, Content.Planned> drills) {
        String title = typed.substring(0, Math.min(LONGEST_TITLE, typed.length()));
        Optional<Content.Planned> drill = Optional.ofNullable(drills.get(title.toLowerCase(Locale.ROOT)));
        return Part.of(
                drill.map(Content.Planned::title).orElse(title), drill, new Part.Time(0, 0, minutes * MINUTE, 0));
    }

    /** How it went, in words or as a sign; empty for words that say something else. */
    private static Optional<Part.Went> went(String words) {
        String said = words.strip().toLowerCase(Locale.ROOT);
        for (Part.Went went : Part.Went.values()) {
            if (List.of(BOOK.say("jotted." + Wordbook.key(went)).split(",", -1)).contains(said)) {
                return Optional.of(went);
            }
        }
        return Optional.empty();
    }
}

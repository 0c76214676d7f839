package wildchalk.core.log.question;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.catalogue.Skill;

/** What a coach typed, in small letters. */
final class Typed {

    private static final List<String> NUMBERS = List.of(Log.BOOK.say("numbers").split(" "));
    private static final Pattern ISO = Pattern.compile("\\d{4}-\\d{1,2}-\\d{1,2}");
    private static final Pattern DAY_MONTH = Pattern.compile(
            "(\\d{1,2})\\.?\\s+(\\p{L}{3})\\p{L}*(?:\\s+(\\d{4}))?|(\\d{1,2})\\.(\\d{1,2})\\.(\\d{4})?");
    private static final DateTimeFormatter MONTH = new DateTimeFormatterBuilder()
            .parseCaseInsensitive()
            .appendPattern("d MMM")
            .toFormatter(Locale.ENGLISH);
    /** So many letters of a word are the word. */
    private static final int STEM = 4;

    private final String text;
    private final List<String> words;

    Typed(String text) {
        this.text = text.toLowerCase(Locale.ROOT).strip();
        this.words = Arrays.stream(this.text.split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /** Whether a word stands in it, or another form of it. */
    boolean has(String word) {
        return words.stream().anyMatch(w -> isSame(w, word));
    }

    private static boolean isSame(String one, String other) {
        return one.equals(other)
                || Math.min(one.length(), other.length()) >= STEM && (one.startsWith(other) || other.startsWith(one));
    }

    /** The first number in it, in figures or in a word up to twelve. */
    OptionalInt number() {
        for (String word : words) {
            if (word.matches("\\d{1,3}")) {
                return OptionalInt.of(Integer.parseInt(word));
            }
            if (NUMBERS.contains(word)) {
                return OptionalInt.of(NUMBERS.indexOf(word) + 1);
            }
        }
        return OptionalInt.empty();
    }

    /** The day that is named in it: of one without a year the last before another. */
    Optional<LocalDate> day(LocalDate today) {
        Matcher iso = ISO.matcher(text);
        try {
            if (iso.find()) {
                String[] parts = iso.group().split("-");
                return Optional.of(LocalDate.of(
                        Integer.parseInt(parts[0]), Integer.parseInt(parts[1]), Integer.parseInt(parts[2])));
            }
            Matcher m = DAY_MONTH.matcher(text);
            while (m.find()) {
                if (m.group(1) != null && !isMonth(m.group(2))) {
                    continue;
                }
                MonthDay day = m.group(1) != null
                        ? MonthDay.parse(m.group(1) + " " + m.group(2), MONTH)
                        : MonthDay.of(Integer.parseInt(m.group(5)), Integer.parseInt(m.group(4)));
                String year = m.group(1) != null ? m.group(3) : m.group(6);
                return Optional.of(year != null ? day.atYear(Integer.parseInt(year)) : last(day, today));
            }
        } catch (DateTimeException e) {
            // The thirty-second of a month is no day that anybody can have meant.
        }
        return Optional.empty();
    }

    private static boolean isMonth(String letters) {
        return Log.BOOK.say("months").contains(letters);
    }

    private static LocalDate last(MonthDay day, LocalDate today) {
        LocalDate thisYear = day.atYear(today.getYear());
        return thisYear.isAfter(today) ? day.atYear(today.getYear() - 1) : thisYear;
    }

    /** The skill that is named in it. */
    Optional<Skill> skill() {
        return Arrays.stream(Skill.values())
                .filter(s -> Arrays.stream(s.words().split(" "))
                        .filter(w -> w.length() >= STEM)
                        .allMatch(this::has))
                .findFirst();
    }

    /** Of some titles that of which most words stand in it; empty where none does. */
    Optional<String> among(Map<String, String> titles) {
        String best = "";
        double most = 0;
        for (Map.Entry<String, String> title : titles.entrySet()) {
            String[] all = title.getValue().toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+");
            double found =
                    Arrays.stream(all).filter(w -> w.length() > 2 && has(w)).count();
            // Of two that have as many words the shorter one is meant.
            double score = found == 0 ? 0 : found + found / all.length;
            if (score > most) {
                most = score;
                best = title.getKey();
            }
        }
        return most == 0 ? Optional.empty() : Optional.of(best);
    }
}

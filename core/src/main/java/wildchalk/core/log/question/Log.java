package wildchalk.core.log.question;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wildchalk.core.log.Entry;
import wildchalk.core.log.season.Season;
import wildchalk.core.practice.Practice;
import wildchalk.core.wording.Wordbook;

/**
 * What questions are answered from.
 *
 * @param entries all that there are
 * @param names what those of the squads are called, by their keys ({@link Entry.There#key})
 * @param practices that were planned
 * @param today the day on which it is asked
 */
public record Log(List<Entry> entries, Map<String, String> names, List<Practice> practices, LocalDate today) {

    /** The words of the log. */
    static final Wordbook BOOK = Wordbook.beside(Log.class, "Questions");

    public Log {
        entries = entries.stream().sorted(Season.IN_TIME).toList();
        names = Map.copyOf(names);
        practices = List.copyOf(practices);
    }

    /** What somebody is called; a word that says nothing for one who is in no squad any more. */
    String name(String id) {
        return names.getOrDefault(id, BOOK.say("somebody"));
    }

    /** Evenings that were up to today, in order of time. */
    List<Entry> past() {
        return entries.stream().filter(e -> !e.when().day().isAfter(today)).toList();
    }

    /** "Thu 12 Nov 2026" */
    static String day(LocalDate day) {
        return day.format(DateTimeFormatter.ofPattern(BOOK.say("day"), Locale.ENGLISH));
    }

    /** "12 Nov 2026, three weeks ago" */
    String ago(LocalDate day) {
        long days = today.toEpochDay() - day.toEpochDay();
        return BOOK.say("ago", day(day), days, days / 7);
    }
}

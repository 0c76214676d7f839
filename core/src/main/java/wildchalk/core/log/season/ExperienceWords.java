package wildchalk.core.log.season;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import wildchalk.core.wording.Wordbook;

/** What the log has taught, in a coach's words. */
public final class ExperienceWords {

    private static final Wordbook BOOK = Wordbook.beside(ExperienceWords.class, "Season");
    private static final int WEEK = 7;

    private ExperienceWords() {}

    /** "run 12 Nov, worked"; "run yesterday" where nobody said how it went. */
    public static String last(DrillLine drill, LocalDate today) {
        return BOOK.say(
                "last." + Wordbook.key(drill.last().part().went()),
                ago(drill.last().entry().when().day(), today));
    }

    /** The same where there is little room: "3 days ago, worked". */
    public static String brief(DrillLine drill, LocalDate today) {
        return BOOK.say(
                "brief." + Wordbook.key(drill.last().part().went()),
                ago(drill.last().entry().when().day(), today));
    }

    /** The same with how long it was, and what is to be done next time. */
    public static String more(DrillLine drill, LocalDate today) {
        String next = drill.next().isEmpty() ? "" : " " + BOOK.say("next", drill.next());
        return BOOK.say(
                        "more",
                        last(drill, today),
                        Math.round(drill.last().part().minutes()),
                        drill.times())
                + next;
    }

    /** What is to be done next time; empty where nothing was said. */
    public static Optional<String> next(DrillLine drill, LocalDate today) {
        return drill.next().isEmpty()
                ? Optional.empty()
                : Optional.of(BOOK.say("reminder", last(drill, today), drill.next()));
    }

    private static String ago(LocalDate day, LocalDate today) {
        long days = today.toEpochDay() - day.toEpochDay();
        return days >= 0 && days < WEEK
                ? BOOK.say("ago", days)
                : day.format(DateTimeFormatter.ofPattern(
                        BOOK.say(day.getYear() == today.getYear() ? "day" : "day.year"), Locale.ENGLISH));
    }
}

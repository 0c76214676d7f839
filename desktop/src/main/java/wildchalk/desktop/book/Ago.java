package wildchalk.desktop.book;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** When something was, as people say it. */
final class Ago {

    private static final int WEEK = 7;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private Ago() {}

    /** "today", "yesterday", "3 days ago", "2 Nov 2026" */
    static String of(long millis, long now) {
        LocalDate day = day(millis);
        long days = ChronoUnit.DAYS.between(day, day(now));
        if (days <= 0) {
            return "today";
        }
        if (days == 1) {
            return "yesterday";
        }
        if (days < WEEK) {
            return days + " days ago";
        }
        return day.format(DAY);
    }

    /** "14:05" */
    static String clock(long millis) {
        return Instant.ofEpochMilli(millis).atZone(ZoneId.systemDefault()).format(CLOCK);
    }

    private static LocalDate day(long millis) {
        return LocalDate.ofInstant(Instant.ofEpochMilli(millis), ZoneId.systemDefault());
    }
}

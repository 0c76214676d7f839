package wildchalk.desktop.practice;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.practice.Slot;

/** Times and days as a coach writes and reads them. */
final class Clock {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern(PracticeState.BOOK.say("day"), Locale.ENGLISH);
    private static final Pattern DAY_FIRST = Pattern.compile("(\\d{1,2})[./ ]+(\\d{1,2})(?:[./ ]+(\\d{4}))?\\.?");
    private static final int MINUTE = 60;

    private Clock() {}

    /** "18:05", so many seconds after the start. */
    static String at(Slot slot, double seconds) {
        return slot.at(seconds).format(TIME);
    }

    static String words(LocalTime time) {
        return time.format(TIME);
    }

    /** "Thu 3 Dec". */
    static String words(LocalDate day) {
        return day.format(DAY);
    }

    /** "Thu 3 Dec 18:05". */
    static String when(long millis) {
        LocalDateTime then = LocalDateTime.ofInstant(Instant.ofEpochMilli(millis), ZoneId.systemDefault());
        return words(then.toLocalDate()) + " " + words(then.toLocalTime());
    }

    /** "1:05". */
    static String minutes(int seconds) {
        return String.format(Locale.ROOT, "%d:%02d", seconds / MINUTE, seconds % MINUTE);
    }

    /** 18:45, 18.45, 1845, 7. */
    static Optional<LocalTime> time(String text) {
        String digits = text.replaceAll("[^0-9]", "");
        try {
            int n = Integer.parseInt(digits);
            return Optional.of(digits.length() <= 2 ? LocalTime.of(n, 0) : LocalTime.of(n / 100, n % 100));
        } catch (DateTimeException | NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** 0:45, 1:30, 90 (seconds). */
    static Optional<Integer> seconds(String text) {
        try {
            String[] parts = text.strip().split(":");
            int n = parts.length == 2
                    ? Integer.parseInt(parts[0]) * MINUTE + Integer.parseInt(parts[1])
                    : Integer.parseInt(text.strip());
            return n >= 0 && n <= 2 * MINUTE * MINUTE ? Optional.of(n) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** 2026-12-03, 3.12., 3/12/2026; without a year the next such day. */
    static Optional<LocalDate> day(String text, LocalDate today) {
        try {
            Matcher m = DAY_FIRST.matcher(text.strip());
            if (!m.matches()) {
                return Optional.of(LocalDate.parse(text.strip()));
            }
            boolean year = m.group(3) != null;
            LocalDate day = LocalDate.of(
                    year ? Integer.parseInt(m.group(3)) : today.getYear(),
                    Integer.parseInt(m.group(2)),
                    Integer.parseInt(m.group(1)));
            return Optional.of(!year && day.isBefore(today) ? day.plusYears(1) : day);
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}

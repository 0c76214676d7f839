package wildchalk.core.log.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * Some days, both among them.
 *
 * @param from not after {@code to}
 */
public record Span(LocalDate from, LocalDate to) {

    /** After so many weeks without an evening a new season begins; assumed. */
    public static final int BREAK = 6;

    private static final int LAST_DAY = 6;

    /** Every day there is. */
    public static final Span ALL = new Span(LocalDate.of(1900, 1, 1), LocalDate.of(2999, 12, 31));

    public Span {
        if (from.isAfter(to)) {
            throw new IllegalArgumentException(from + " " + to);
        }
    }

    /** The week of a day, from Monday. */
    public static Span week(LocalDate day) {
        LocalDate monday = monday(day);
        return new Span(monday, monday.plusDays(LAST_DAY));
    }

    /** The month of a day. */
    public static Span month(LocalDate day) {
        return new Span(day.withDayOfMonth(1), day.withDayOfMonth(day.lengthOfMonth()));
    }

    /**
     * The season that a day is in: back to the last time that there was no evening for {@value #BREAK} weeks, and on to
     * the day. Of a season that is over the last one is meant.
     *
     * @param evenings days on which there was one, in order
     */
    public static Span season(List<LocalDate> evenings, LocalDate today) {
        LocalDate from = today;
        LocalDate next = null;
        for (int i = evenings.size() - 1; i >= 0; i--) {
            LocalDate day = evenings.get(i);
            if (day.isAfter(today)) {
                continue;
            }
            if (next != null && ChronoUnit.WEEKS.between(day, next) >= BREAK) {
                break;
            }
            from = day;
            next = day;
        }
        return new Span(from, today);
    }

    /** The Monday of the week of a day. */
    public static LocalDate monday(LocalDate day) {
        return day.minusDays(day.getDayOfWeek().getValue() - 1L);
    }

    /** Whether a day is one of them. */
    public boolean holds(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}

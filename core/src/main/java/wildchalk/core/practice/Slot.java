package wildchalk.core.practice;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Optional;

/**
 * When a practice is.
 *
 * @param day empty for a pattern that belongs to no day
 * @param start on the clock
 * @param minutes how long, at least 1; it may go past midnight
 */
public record Slot(Optional<LocalDate> day, LocalTime start, int minutes) {

    /** Longer than a day no practice is. */
    public static final int MOST = 24 * 60;

    private static final int MINUTE = 60;
    private static final int DAY = MOST * MINUTE;

    public Slot {
        if (minutes < 1 || minutes > MOST) {
            throw new IllegalArgumentException("minutes=" + minutes);
        }
    }

    /** Seconds. */
    public int seconds() {
        return minutes * MINUTE;
    }

    /**
     * How long after the start a time on the clock is, seconds; 0 for one that is no more than half a day before it.
     */
    public int until(LocalTime time) {
        int after = Math.floorMod(time.toSecondOfDay() - start.toSecondOfDay(), DAY);
        return after > DAY / 2 ? 0 : after;
    }

    /** Whether it goes on after midnight. */
    public boolean isPastMidnight() {
        return start.toSecondOfDay() + seconds() > DAY;
    }

    /** Whether it and another are on at one time; never for one that belongs to no day. */
    public boolean meets(Slot other) {
        if (day.isEmpty() || other.day.isEmpty()) {
            return false;
        }
        LocalDateTime begins = day.get().atTime(start);
        LocalDateTime otherBegins = other.day.get().atTime(other.start);
        return begins.isBefore(otherBegins.plusMinutes(other.minutes))
                && otherBegins.isBefore(begins.plusMinutes(minutes));
    }

    /** The same on another day, or on none. */
    public Slot on(Optional<LocalDate> newDay) {
        return new Slot(newDay, start, minutes);
    }

    /**
     * The time on the clock.
     *
     * @param seconds after the start
     */
    public LocalTime at(double seconds) {
        return start.plusSeconds(Math.round(seconds));
    }
}

package wildchalk.core.practice;

import java.time.LocalDate;
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
     * The time on the clock.
     *
     * @param seconds after the start
     */
    public LocalTime at(double seconds) {
        return start.plusSeconds(Math.round(seconds));
    }
}

package wildchalk.core.pitchside;

import java.util.Optional;

/**
 * How much time went by, of two clocks: one that only goes forward and says nothing of the day, and one that says the
 * time of the day and may be set. While both are looked at often the first is right. After a gap in which nobody
 * looked, the machine may have slept and the first with it: then the second fills the gap. A clock on the wall that is
 * set while somebody looks changes nothing.
 *
 * @param nanos of the clock that only goes forward
 * @param wall milliseconds since 1970
 */
public record Time(long nanos, long wall) {

    /** Nobody looked for longer than this, milliseconds: the machine may have slept, which takes a moment itself. */
    private static final long GAP = 250;
    /** So far two clocks may be apart, milliseconds. */
    private static final long APART = 1000;
    /** Nobody runs one practice for longer, milliseconds. */
    private static final long PLAUSIBLE = 6L * 60 * 60 * 1000;

    private static final long MILLION = 1_000_000;

    /**
     * What went by.
     *
     * @param millis 0 or more
     * @param filled of them: for how many the clock on the wall was believed
     * @param set how far the clock on the wall was set meanwhile, milliseconds, below 0 for back; that was ignored
     */
    public record Passed(long millis, long filled, long set) {}

    /** What went by since an earlier look. */
    public Passed since(Time before) {
        long steady = Math.max(0, (nanos - before.nanos) / MILLION);
        long onTheWall = wall - before.wall;
        boolean slept = steady > GAP && onTheWall > steady + APART && onTheWall <= PLAUSIBLE;
        if (slept) {
            return new Passed(onTheWall, onTheWall - steady, 0);
        }
        long apart = onTheWall - steady;
        return new Passed(steady, 0, Math.abs(apart) > APART ? apart : 0);
    }

    /**
     * From where the next look is measured: what is less than a millisecond is not lost.
     *
     * @param passed what went by since {@code before}
     */
    public Time from(Time before, Passed passed) {
        long steady = passed.millis() - passed.filled();
        return new Time(passed.filled() > 0 ? nanos : before.nanos + steady * MILLION, wall);
    }

    /**
     * What went by since the program ended, of which only the wall knows.
     *
     * @param then the time on the wall when it was seen last, milliseconds
     * @param now the time on the wall, milliseconds
     * @return empty when that cannot be, and has to be asked
     */
    public static Optional<Long> sinceTheEnd(long then, long now) {
        return now >= then && now - then <= PLAUSIBLE ? Optional.of(now - then) : Optional.empty();
    }
}

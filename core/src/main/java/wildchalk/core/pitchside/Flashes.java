package wildchalk.core.pitchside;

/** When a screen may change as a whole: never more than twice a second, since that may hurt some people. */
public final class Flashes {

    /** Milliseconds from the beginning of one to that of the next, at least. */
    public static final long APART = 500;

    private long next = Long.MIN_VALUE;

    /**
     * When it may change for something that is to be seen now.
     *
     * @param now milliseconds, by a clock that only goes forward
     * @return milliseconds by the same, no earlier
     */
    public long next(long now) {
        long at = Math.max(now, next);
        next = at + APART;
        return at;
    }
}

package wildchalk.core.timeline;

/**
 * When one action happens, in seconds after the whistle.
 *
 * @param cued the moment that set it off: the start, less the delay or the time that it takes to react
 * @param release when the ball leaves; NaN without one
 * @param arrival when the ball gets there; NaN without one
 * @param end when the body is free again
 */
public record ActionTimes(double cued, double start, double release, double arrival, double end) {

    /** When the last of it is over, the ball's way included. */
    public double over() {
        return Double.isNaN(arrival) ? end : Math.max(end, arrival);
    }
}

package wildchalk.core.motion;

/** How a ball covers a distance. */
public interface BallMotion {

    /** Seconds to go {@code distance} metres. */
    double time(double distance);

    /** Metres gone after {@code seconds} on the way to a place {@code distance} metres off. */
    double gone(double seconds, double distance);

    /**
     * How fast it goes on along the ground after {@code distance} metres, m/s; 0 for one that has come down or lies.
     */
    default double arrivesWith(double distance) {
        return 0;
    }
}

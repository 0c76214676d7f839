package wildchalk.core.motion;

/** How a ball covers a distance. */
public interface BallMotion {

    /** Seconds to go {@code distance} metres. */
    double time(double distance);

    /** Metres gone after {@code seconds} on the way to a place {@code distance} metres off. */
    double gone(double seconds, double distance);
}

package wildchalk.core.surface;

/**
 * A measure that the rules leave to whoever lays the surface out.
 *
 * @param id as drill files name it ("length", "in-goal")
 * @param name in people's words
 * @param least smallest that is allowed, metres
 * @param usual what it is when nobody says otherwise, metres
 * @param most largest that is allowed, metres
 */
public record Size(String id, String name, double least, double usual, double most) {

    /** A figure read from a file in feet is not off by its last digit. */
    private static final double NEAR = 1e-6;

    /** Whether the rules allow so many metres. */
    public boolean allows(double metres) {
        return metres >= least - NEAR && metres <= most + NEAR;
    }

    /** What the rules allow that is nearest, metres. */
    public double clamp(double metres) {
        return Math.max(least, Math.min(most, metres));
    }
}

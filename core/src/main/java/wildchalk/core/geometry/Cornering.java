package wildchalk.core.geometry;

/**
 * How a body takes the corners of a way. It passes the place that was drawn within a distance, on the widest circle
 * that does so; turned right round it comes to the place itself.
 *
 * @param within metres from the drawn place at which the way passes at most, over 0; assumed
 * @param widest radius that nobody needs to exceed at their speed, metres; for who goes round the radius of that circle
 * @param grip how much more sideways pull a planted foot stands than a bend does, as a share of that
 * @param push how far a foot that pushes off can throw a body into another direction: the radius at which a turn right
 *     round would be run at the speed that it leaves, metres
 * @param free the radius of a bend that is run at full speed, metres
 * @param goesRound whether sharp turns go round by way of the place, leant into, and not straight to it and back
 * @param spins whether the body turns the long way round
 */
public record Cornering(
        double within, double widest, double grip, double push, double free, boolean goesRound, boolean spins) {

    /** Corners that are not rounded. */
    public static final Cornering SHARP =
            new Cornering(0, 0, 1, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, false, false);

    /** From this angle on a tight turn goes round by way of the place itself, radians. */
    static final double GOES_ROUND = Math.toRadians(100);

    /** What is saved at most by rounding is made good so far, squared. */
    private static final double MOST_SAVED = 4;

    /**
     * The radius of the circle on which a turn by so many radians passes its corner, metres; 0 for a turn right back.
     */
    public double radius(double turn) {
        double cosine = Math.cos(Math.abs(turn) / 2);
        double fits = cosine < 1e-9 ? 0 : within / Math.max(1e-9, 1 / cosine - 1);
        return goesRound && Math.abs(turn) <= GOES_ROUND ? Math.max(widest, fits) : Math.min(widest, fits);
    }

    /**
     * Curvature that stands for the push that a turn takes, in 1/m, however wide it is. What is saved by rounding is
     * lost by turning: nobody is sooner round a corner than straight on.
     */
    double sharpest(double turn) {
        double half = Math.abs(turn) / 2;
        double sine = Math.sin(half);
        double saved = half < 1e-6 ? 1 : Math.tan(half) / half;
        return Math.max(sine * sine / push, Math.min(saved * saved, MOST_SAVED) / free);
    }
}

package wildchalk.desktop.board.canvas;

import wildchalk.core.geometry.Vec;
import wildchalk.desktop.paint.ScreenMap;

/** How much nearer than the whole the board is looked at, and where. */
final class Zoom {

    /** How much one pixel of a wheel's turn enlarges, as an exponent. */
    static final double PER_PIXEL = 0.003;

    private static final double MOST = 12;
    private static final double NEARLY_ALL = 1.02;

    private double factor = 1;
    private Vec centre = Vec.ZERO;

    /** The map of the whole, looked at from as near as this. */
    ScreenMap of(ScreenMap whole) {
        return factor == 1
                ? whole
                : new ScreenMap(whole.scale() * factor, centre, whole.width(), whole.height(), whole.attack());
    }

    /**
     * Goes nearer or farther off; what is under the pointer stays under it.
     *
     * @return whether anything has changed
     */
    boolean by(double share, Vec under, double x, double y, ScreenMap now) {
        double next = Math.max(1, Math.min(MOST, factor * share));
        if (next == factor) {
            return false;
        }
        ScreenMap there =
                new ScreenMap(now.scale() * next / factor, now.centre(), now.width(), now.height(), now.attack());
        centre = now.centre().plus(under.minus(there.toSurface(x, y)));
        factor = next < NEARLY_ALL ? 1 : next;
        return true;
    }

    /** How large tokens are in metres: from nearer they grow on the screen, but less than what they stand on. */
    double tokens() {
        return 1 / Math.sqrt(factor);
    }

    /** Moves what is shown by some pixels; the whole stays where it is. */
    void pan(double right, double down, ScreenMap now) {
        if (factor > 1) {
            Vec from = now.toSurface(0, 0);
            centre = centre.minus(now.toSurface(right, down).minus(from));
        }
    }

    void forget() {
        factor = 1;
    }
}

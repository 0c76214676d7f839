package wildchalk.core.practice;

import wildchalk.core.geometry.Vec;

/**
 * Where something stands on the ground of an evening.
 *
 * @param at the middle of what it takes, metres on the surface of the evening
 * @param degrees by how much it is turned from how it is drawn, clockwise on the page, 0 to under 360
 */
public record Stand(Vec at, int degrees) {

    private static final int ROUND = 360;

    public Stand {
        degrees = Math.floorMod(degrees, ROUND);
    }

    /** The same, turned by so much more. */
    public Stand turned(int by) {
        return new Stand(at, degrees + by);
    }

    /** The same somewhere else. */
    public Stand at(Vec other) {
        return new Stand(other, degrees);
    }

    /** Where a place is that is so far from the middle of what is drawn, metres. */
    public Vec place(Vec fromMiddle) {
        return at.plus(fromMiddle.rotated(Math.toRadians(degrees)));
    }
}

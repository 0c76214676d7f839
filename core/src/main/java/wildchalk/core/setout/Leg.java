package wildchalk.core.setout;

import wildchalk.core.geometry.Vec;

/**
 * One straight measurement, lengthwise or crosswise.
 *
 * @param way where it goes
 * @param number how many units, as it is said
 * @param metres the same in metres
 * @param line the line on the ground that it follows; empty when it follows none
 * @param towards what lies that way, by a name that is the same whichever way one faces: "left touchline"
 * @param isOut whether it leads past that, off the surface
 */
public record Leg(Way way, double number, double metres, String line, String towards, boolean isOut) {

    /** The four ways as seen by whoever attacks. */
    public enum Way {
        AHEAD(1, 0),
        BACK(-1, 0),
        LEFT(0, -1),
        RIGHT(0, 1);

        private final Vec step;

        Way(double x, double y) {
            this.step = new Vec(x, y);
        }

        /** One metre that way. */
        public Vec step() {
            return step;
        }
    }
}

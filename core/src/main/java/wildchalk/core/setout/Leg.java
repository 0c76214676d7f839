package wildchalk.core.setout;

import wildchalk.core.geometry.Vec;

/**
 * One straight measurement, lengthwise or crosswise.
 *
 * @param way where it goes
 * @param number how many units, as it is said
 * @param metres the same in metres
 * @param line the line on the ground that it follows; empty when it follows none
 */
public record Leg(Way way, double number, double metres, String line) {

    /** The four ways as seen by whoever attacks. */
    public enum Way {
        AHEAD("towards the attacking end", 1, 0),
        BACK("towards the own end", -1, 0),
        LEFT("to the left", 0, -1),
        RIGHT("to the right", 0, 1);

        private final String words;
        private final Vec step;

        Way(String words, double x, double y) {
            this.words = words;
            this.step = new Vec(x, y);
        }

        /** As it is said: "towards the left touchline". */
        public String words() {
            return words;
        }

        /** One metre that way. */
        public Vec step() {
            return step;
        }
    }
}

package wildchalk.core.timeline;

import java.util.Locale;

/**
 * Something that happens at one moment.
 *
 * @param t seconds after the whistle
 * @param action id of the action it belongs to; of the zone that is entered, of the limit that is broken
 * @param who id of the person it happens to: for an arrival whoever receives, else whoever acts; null when a ball
 *     touches a wall, or a limit is about nobody
 * @param ball id of the ball; null when there is none in it
 */
public record Event(double t, Kind kind, String action, String who, String ball) {

    /** What happens. */
    public enum Kind {
        START,
        RELEASE,
        ARRIVAL,
        TOUCH,
        TURN,
        CONTEST,
        ENTER,
        LIMIT,
        /** Somebody takes a ball on its way to another. */
        CUT_OUT,
        /** Somebody leaves a way before its end, because they are sent another way. */
        BREAK_OFF,
        /** Somebody runs into a screen and is held by it; the action is the screen. */
        HELD,
        END;

        /** The name in the open formats. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}

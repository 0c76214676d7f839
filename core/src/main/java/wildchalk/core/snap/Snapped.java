package wildchalk.core.snap;

import wildchalk.core.geometry.Vec;

/**
 * A place and why it is that one.
 *
 * @param reason "on the 23 m line"; empty when it is just where the hand is
 */
public record Snapped(Vec at, String reason) {
}

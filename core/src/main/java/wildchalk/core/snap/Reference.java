package wildchalk.core.snap;

import wildchalk.core.geometry.Vec;

/**
 * What distances are measured from while something is placed or dragged.
 *
 * @param name as in "5.0 m from yellow cone 2"
 */
public record Reference(Vec at, String name) {
}

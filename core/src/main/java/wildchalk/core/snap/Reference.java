package wildchalk.core.snap;

import wildchalk.core.geometry.Vec;

/**
 * What distances are measured from while something is placed or dragged.
 *
 * @param name as in "4.5 m from blue pole 1"
 */
public record Reference(Vec at, String name) {}

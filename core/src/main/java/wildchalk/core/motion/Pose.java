package wildchalk.core.motion;

import wildchalk.core.geometry.Vec;

/**
 * Where a body is and where it faces.
 *
 * @param facing radians, clockwise on the page
 */
public record Pose(Vec at, double facing) {}

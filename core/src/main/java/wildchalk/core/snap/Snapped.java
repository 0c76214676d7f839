package wildchalk.core.snap;

import wildchalk.core.geometry.Vec;

/** A place, in metres on the surface, and why it is that one. */
public record Snapped(Vec at, Reason reason) {}

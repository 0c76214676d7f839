package wildchalk.core.squad;

/**
 * A sprint that was measured, from standing.
 *
 * @param metres over 0
 * @param seconds over 0
 */
public record Sprint(double metres, double seconds) {}

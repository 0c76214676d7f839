package wildchalk.core.motion;

/**
 * Somebody has a ball.
 *
 * @param who id of the person
 * @param from seconds after the whistle
 * @param to seconds after the whistle
 */
public record Possession(String who, double from, double to) {}

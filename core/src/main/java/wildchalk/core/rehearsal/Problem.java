package wildchalk.core.rehearsal;

/**
 * Something in a stage that cannot happen as drawn.
 *
 * @param action id of the action
 * @param message what is wrong and what to do, in plain words
 */
public record Problem(String action, String message) {
}

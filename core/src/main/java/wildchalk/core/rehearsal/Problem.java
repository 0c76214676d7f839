package wildchalk.core.rehearsal;

/**
 * Something in a stage that cannot happen as drawn, or breaks a limit.
 *
 * @param action id of the action; of the limit, when no action breaks it
 * @param message what is wrong and what to do, in plain words
 * @param t when, seconds after the whistle; NaN for what never happens
 */
public record Problem(String action, String message, double t) {

    public Problem(String action, String message) {
        this(action, message, Double.NaN);
    }
}

package wildchalk.core.timeline;

/**
 * Something in a stage that cannot happen as drawn, or breaks a limit.
 *
 * @param action id of the action; of the limit, when no action breaks it; of the read, when an option of it leads
 *     nowhere; of the ball, when somebody has one too many
 * @param message what is wrong and what to do, in plain words
 * @param kind what it is about, for whoever wants to mend it
 * @param t when, seconds after the whistle; NaN for what never happens
 */
public record Problem(String action, Kind kind, String message, double t) {

    /** What is wrong. */
    public enum Kind {
        /** Somebody is to play a ball that they have not. */
        NO_BALL,
        /** No ball lies where somebody is to collect one. */
        NOTHING_THERE,
        /** What it waits for never comes, or it waits for itself. */
        NEVER,
        /** Somebody is sent elsewhere before they get to it. */
        SENT_ELSEWHERE,
        /** It goes nowhere, or nobody is there to do it. */
        NOWHERE,
        /** An option of a read has nothing in it, or nothing of it ever happens. */
        LEADS_NOWHERE,
        /** It does not work the way it is drawn. */
        NOT_SO,
        /** Ball and receiver cannot meet where it was drawn. */
        NO_MEETING,
        /** Somebody runs right through somebody or something. */
        IN_THE_WAY,
        /** It breaks a limit. */
        LIMIT
    }

    public Problem(String action, Kind kind, String message) {
        this(action, kind, message, Double.NaN);
    }
}

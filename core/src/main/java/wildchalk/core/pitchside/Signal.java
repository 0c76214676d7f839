package wildchalk.core.pitchside;

/** What is to be heard, and seen where nothing can be heard. */
public enum Signal {
    /** Something begins. */
    WHISTLE,
    /** A turn ends and the next one begins. */
    DOUBLE_WHISTLE,
    /** Little time is left. */
    WARNING,
    /** One of the last seconds. */
    TICK,
    /** A block is over. */
    HORN
}

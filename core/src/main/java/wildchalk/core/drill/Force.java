package wildchalk.core.drill;

/** How hard a pass is sent. */
public enum Force {
    USUAL,
    HARD,
    SOFT
}

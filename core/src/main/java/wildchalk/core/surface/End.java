package wildchalk.core.surface;

/** One of the two ends that a game goes towards, by what the surface calls the goals there. */
public enum End {
    /** Where the surface has its goal: x over 0. */
    GOAL,
    /** Where the surface has its own goal: x under 0. */
    OWN_GOAL;

    /** The one across from it. */
    public End other() {
        return this == GOAL ? OWN_GOAL : GOAL;
    }

    /** At which end a place is; half-way counts as the goal's. */
    public static End of(double x) {
        return x < 0 ? OWN_GOAL : GOAL;
    }
}

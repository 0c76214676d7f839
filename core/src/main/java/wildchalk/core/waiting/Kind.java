package wildchalk.core.waiting;

/** What kind of change may help. */
public enum Kind {
    /** The drill once more beside itself, or at the other end. */
    COPY,
    /** As drawn and mirrored at once, each by people of its own. */
    BOTH_SIDES,
    /** As drawn and mirrored in turn. */
    SIDES_IN_TURN,
    /** The next rep begins at an earlier moment of the one before. */
    EARLIER,
    /** The next rep begins by the clock. */
    EVERY,
    /** Whoever has played begins the next rep at once. */
    AT_ONCE,
    /** More people share a role that one person has. */
    JOIN,
    /** Other numbers in the lines. */
    LINES,
    /** Not all at once: the others do something else. */
    GROUPS,
    /** Somebody has their role for longer, or not so long. */
    STAY,
    /** Somebody else fetches balls. */
    FETCHER,
    /** More balls. */
    BALLS,
    /** A line stands nearer to where its people come from. */
    NEARER,
    /** People go to the line that is nearer. */
    WAY_BACK
}

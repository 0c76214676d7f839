package wildchalk.core.practice.ground;

/**
 * Something that stands in the way of something else.
 *
 * @param one id of the block that reaches too far
 * @param other id of the block that it reaches; empty where it reaches beyond the ground
 * @param metres how far beyond it reaches, or how much is free between them
 */
public record Clash(Kind kind, String one, String other, double metres) {

    /** How, the worst first. */
    public enum Kind {
        /** A shot that misses goes there. */
        SHOT,
        /** A ball that nobody stops goes there. */
        BALL,
        /** Their people could run into each other. */
        MEET,
        /** There is too little free between them. */
        NEAR,
        /** It is not all on the ground. */
        BEYOND
    }
}

package wildchalk.core.grouping;

/** After what people are divided. */
public enum Style {
    /** Groups as strong as one another. */
    EVEN(false),
    /** The first group the strongest, the last the weakest. */
    STRENGTH(true),
    /** Those of one position together. */
    POSITION(false),
    /** Sides that are alike: the same positions, as strong as one another; two as a rule. */
    MIRROR(false),
    /** The first group strong, the others as strong as one another. */
    ONE_STRONG(true),
    /** By lot. */
    RANDOM(false);

    private final boolean ordered;

    Style(boolean ordered) {
        this.ordered = ordered;
    }

    /** Whether it matters which group somebody is in, not only with whom. */
    public boolean isOrdered() {
        return ordered;
    }
}

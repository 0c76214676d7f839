package wildchalk.core.grouping;

/** With which hand, foot or side of the stick somebody plays. */
public enum Handed {
    UNSAID(false, false),
    LEFT(true, false),
    RIGHT(false, true),
    BOTH(true, true);

    private final boolean left;
    private final boolean right;

    Handed(boolean left, boolean right) {
        this.left = left;
        this.right = right;
    }

    /** Whether they are at home on the left. */
    public boolean isLeft() {
        return left;
    }

    /** Whether they are at home on the right. */
    public boolean isRight() {
        return right;
    }
}

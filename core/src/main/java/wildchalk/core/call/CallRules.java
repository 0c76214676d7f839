package wildchalk.core.call;

/**
 * What is kept to when something is called.
 *
 * @param each how often each is called in a round; 0 where that is left to chance
 * @param running how often the same may be called one after another, at least 1
 * @param jump how many places on the ground the next may be away; 0 where that does not matter
 * @param bothWays whether jumps to one side and to the other are equally many in a round, one more at most
 */
public record CallRules(int each, int running, int jump, boolean bothWays) {

    /** Each once, in an order that nobody can guess: from a hat. */
    public static final CallRules HAT = new CallRules(1, 1, 0, false);

    /** All equally often, never the same three times running. */
    public static final CallRules FAIR = new CallRules(3, 2, 0, false);

    public CallRules {
        if (each < 0 || running < 1 || jump < 0) {
            throw new IllegalArgumentException(each + ", " + running + ", " + jump);
        }
    }

    /** The same with each called so often in a round, 0 for chance. */
    CallRules each(int often) {
        return new CallRules(often, running, jump, bothWays);
    }

    /** The same with so many alike one after another at most. */
    CallRules running(int most) {
        return new CallRules(each, most, jump, bothWays);
    }

    /** The same with jumps of so many places at most, 0 for any. */
    CallRules jump(int places) {
        return new CallRules(each, running, places, bothWays);
    }

    /** The same, with jumps to either side equally many or not. */
    CallRules bothWays(boolean both) {
        return new CallRules(each, running, jump, both);
    }
}

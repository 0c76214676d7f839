package wildchalk.core.pitchside.call;

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

    /** The same where jumps to either side need not be equally many. */
    CallRules anyWay() {
        return new CallRules(each, running, jump, false);
    }

    /** The same where it is left to chance how often each is called. */
    CallRules anyOften() {
        return new CallRules(0, running, jump, false);
    }
}

package wildchalk.core.drill;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What a coach says of what comes between reps: where people go when their part is over, what lets the next rep begin,
 * which way it is played, who fetches balls. It changes nothing in a rep.
 */
public sealed interface Rotation extends Instruction {

    /** What is said of this kind. */
    <R> R matchRotation(RotationCases<R> cases);

    @Override
    default <R> R match(Cases<R> cases) {
        return cases.rotation(this);
    }

    /**
     * Where whoever had a role goes when their part is over.
     *
     * @param who id of the person whose role it is
     * @param after how long they have it first; empty for one rep
     */
    record Goes(String id, String who, To to, Optional<Stay> after) implements Rotation {
        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.goes(this);
        }

        @Override
        public Goes withId(String newId) {
            return new Goes(newId, who, to, after);
        }
    }

    /** Where somebody goes. */
    sealed interface To {

        /** Id of the person whose role is meant; empty for none. */
        default Optional<String> role() {
            return Optional.empty();
        }
    }

    /**
     * Takes another role, behind whoever waits for it: becomes 9, joins the end of a line-up.
     *
     * @param who id of the person whose role it is
     * @param otherSide whether it is that role on the other side, where a drill is played on two
     */
    record Becomes(String who, boolean otherSide) implements To {
        @Override
        public Optional<String> role() {
            return Optional.of(who);
        }
    }

    /**
     * Takes another's role, who takes theirs.
     *
     * @param who id of the person whose role it is
     */
    record ChangesWith(String who) implements To {
        @Override
        public Optional<String> role() {
            return Optional.of(who);
        }
    }

    /** Has the same role again. */
    record Stays() implements To {}

    /** Is out until somebody else is, and takes their place then. */
    record Out() implements To {}

    /**
     * How long somebody has a role before they go on.
     *
     * @param n over 0
     */
    record Stay(Counted counted, int n) {}

    /** What is counted while somebody stays. */
    enum Counted {
        /** Reps. */
        REPS,
        /** Shots of theirs that go in. */
        MADE
    }

    /** What lets the next rep begin. */
    record Starts(String id, When when) implements Rotation {
        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.starts(this);
        }

        @Override
        public Starts withId(String newId) {
            return new Starts(newId, when);
        }
    }

    /** When the next rep begins; never before its roles are filled. */
    sealed interface When {}

    /**
     * The whistle goes every so many seconds.
     *
     * @param seconds over 0
     */
    record Every(double seconds) implements When {}

    /** At a moment of the rep before. */
    record At(Cue moment) implements When {}

    /** When the rep before is over and all are ready. */
    record Ready() implements When {}

    /** When somebody calls, who does so when all are ready. */
    record Called(String word) implements When {}

    /** Which way reps are played. */
    record Sides(String id, Taken taken) implements Rotation {
        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.sides(this);
        }

        @Override
        public Sides withId(String newId) {
            return new Sides(newId, taken);
        }
    }

    /** The sides that are played. */
    enum Taken {
        AS_DRAWN,
        /** As drawn and mirrored in turn, by the same people. */
        IN_TURN,
        /** As drawn and mirrored in turn, each by people of its own. */
        TWO_SETS,
        /** As drawn and mirrored at once, each by people of its own. */
        BOTH
    }

    /** Who fetches balls that lie somewhere when a rep is over. */
    record Fetches(String id, Fetcher by) implements Rotation {
        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.fetches(this);
        }

        @Override
        public Fetches withId(String newId) {
            return new Fetches(newId, by);
        }
    }

    /** Who fetches. */
    enum Fetcher {
        /** Whoever played it last. */
        SHOOTER,
        /** Whoever has waited longest and is not next. */
        LAST_IN_LINE,
        NOBODY,
        COACH
    }

    /**
     * How often each option of a read is taken: three in four go left.
     *
     * @param read id of the read
     * @param shares by id of the option, over 0
     */
    record Shares(String id, String read, Map<String, Integer> shares) implements Rotation {
        public Shares {
            shares = Collections.unmodifiableMap(new LinkedHashMap<>(shares));
        }

        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.shares(this);
        }

        @Override
        public Shares withId(String newId) {
            return new Shares(newId, read, shares);
        }
    }
}

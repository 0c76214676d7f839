package wildchalk.core.drill;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a coach says of what comes between reps: where people go when their part is over, what lets the next rep begin,
 * which way it is played, who fetches balls; and what happens again and again within one.
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

        /** Whether it is that role on the other side. */
        default boolean otherSide() {
            return false;
        }

        /** Whether they have the same role again. */
        default boolean isStay() {
            return false;
        }

        /** Whether they are out. */
        default boolean isOut() {
            return false;
        }

        /** Whether the one whose role it is takes theirs. */
        default boolean isChange() {
            return false;
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

        @Override
        public boolean isChange() {
            return true;
        }
    }

    /** Has the same role again. */
    record Stays() implements To {
        @Override
        public boolean isStay() {
            return true;
        }
    }

    /** Is out until somebody else is, and takes their place then. */
    record Out() implements To {
        @Override
        public boolean isOut() {
            return true;
        }
    }

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
    sealed interface When {

        /** Seconds from whistle to whistle; empty where nothing is blown. */
        default OptionalDouble every() {
            return OptionalDouble.empty();
        }

        /** The moment of the rep before; empty where none is. */
        default Optional<Cue> at() {
            return Optional.empty();
        }

        /** The word that is called; empty where nobody calls. */
        default Optional<String> called() {
            return Optional.empty();
        }
    }

    /**
     * The whistle goes every so many seconds.
     *
     * @param seconds over 0
     */
    record Every(double seconds) implements When {
        @Override
        public OptionalDouble every() {
            return OptionalDouble.of(seconds);
        }
    }

    /** At a moment of the rep before. */
    record At(Cue moment) implements When {
        @Override
        public Optional<Cue> at() {
            return Optional.of(moment);
        }
    }

    /** When the rep before is over and all are ready. */
    record Ready() implements When {}

    /** When somebody calls, who does so when all are ready. */
    record Called(String word) implements When {
        @Override
        public Optional<String> called() {
            return Optional.of(word);
        }
    }

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
     * A stretch of actions that happens again and again within a rep, each time moved on by one: along each side of a
     * square, round the ring. Drawn once, played as if written out.
     *
     * @param actions ids of those that are drawn, which happen the first time
     * @param times how often it happens in all, over 1
     * @param round ids of the people or gear in the order in which it moves on: each time whatever is about one of them
     *     is about the next
     */
    record Repeats(String id, List<String> actions, int times, List<String> round) implements Rotation {
        public Repeats {
            actions = List.copyOf(actions);
            round = List.copyOf(round);
        }

        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.repeats(this);
        }

        @Override
        public Repeats withId(String newId) {
            return new Repeats(newId, actions, times, round);
        }
    }

    /**
     * How often each option of a read is taken: two in three go wide.
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

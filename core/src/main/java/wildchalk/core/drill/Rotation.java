package wildchalk.core.drill;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;

/**
 * What a coach says of what comes between reps: where people go when their part is over, what lets the next rep begin,
 * which way it is played, who fetches balls; what happens again and again within one; and who fits a role.
 */
public sealed interface Rotation extends Instruction {

    /** What is said of this kind. */
    <R> R matchRotation(RotationCases<R> cases);

    @Override
    default <R> R match(Cases<R> cases) {
        return cases.rotation(this);
    }

    /** The moment of a rep that it is about; empty for what is about none. */
    default Optional<Cue> moment() {
        return Optional.empty();
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

        /** Whether they have the role at once, and the next rep begins with them. */
        default boolean isAtOnce() {
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

    /**
     * Goes on at once: starts the next rep, which begins as soon as their part of this one is over.
     *
     * @param who id of the person whose role they take, before all who wait for it
     */
    record GoesOn(String who) implements To {
        @Override
        public Optional<String> role() {
            return Optional.of(who);
        }

        @Override
        public boolean isAtOnce() {
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
        public Optional<Cue> moment() {
            return when.at();
        }

        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.starts(this);
        }

        @Override
        public Starts withId(String newId) {
            return new Starts(newId, when);
        }
    }

    /** Which way reps are played; where sides are taken in turn, each for a {@code turn}, a rep when it is empty. */
    record Sides(String id, Taken taken, Optional<Turn> turn) implements Rotation {

        /** Sides that change after each rep, if they do. */
        public Sides(String id, Taken taken) {
            this(id, taken, Optional.empty());
        }

        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.sides(this);
        }

        @Override
        public Sides withId(String newId) {
            return new Sides(newId, taken, turn);
        }
    }

    /**
     * How long one side is played.
     *
     * @param n over 0; no matter where it is as the rung says
     */
    record Turn(Length length, double n) {

        /** What is counted. */
        public enum Length {
            REPS,
            MINUTES,
            /** As the rung's own length is divided. */
            AS_THE_RUNG_SAYS
        }
    }

    /**
     * A rep is over at a moment, whatever else is still going on; of several whichever comes first. Nothing said: when
     * all is done.
     */
    record Over(String id, Cue at) implements Rotation {
        @Override
        public Optional<Cue> moment() {
            return Optional.of(at);
        }

        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.over(this);
        }

        @Override
        public Over withId(String newId) {
            return new Over(newId, at);
        }
    }

    /**
     * The line steps up within a rep: whoever is next in it does what is drawn for its front from an action on.
     *
     * @param line id of the line-up
     * @param actions ids of the actions at each of which the next one is in front, whether they do it or it is done to
     *     them
     */
    record StepsUp(String id, String line, List<String> actions) implements Rotation {
        public StepsUp {
            actions = List.copyOf(actions);
        }

        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.stepsUp(this);
        }

        @Override
        public StepsUp withId(String newId) {
            return new StepsUp(newId, line, actions);
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
     * @param round ids of the people or gear in the order in which it moves on: each time whatever is about one of them
     *     is about the next; a line-up alone steps up
     */
    record Repeats(String id, List<String> actions, Often often, List<String> round) implements Rotation {
        public Repeats {
            actions = List.copyOf(actions);
            round = List.copyOf(round);
        }

        /** @param times how often it happens in all, over 1 */
        public Repeats(String id, List<String> actions, int times, List<String> round) {
            this(id, actions, new Times(times), round);
        }

        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.repeats(this);
        }

        @Override
        public Repeats withId(String newId) {
            return new Repeats(newId, actions, often, round);
        }
    }

    /** How often something happens. */
    sealed interface Often {

        /** How often in all; empty where a whistle ends it. */
        default OptionalInt number() {
            return OptionalInt.empty();
        }

        /** Seconds after the rep began at which the whistle ends it; empty where it is counted. */
        default OptionalDouble until() {
            return OptionalDouble.empty();
        }
    }

    /** @param n how often in all, over 1 */
    record Times(int n) implements Often {
        @Override
        public OptionalInt number() {
            return OptionalInt.of(n);
        }
    }

    /**
     * Until the whistle.
     *
     * @param seconds after the rep began, over 0
     */
    record UntilWhistle(double seconds) implements Often {
        @Override
        public OptionalDouble until() {
            return OptionalDouble.of(seconds);
        }
    }

    /**
     * How often each option of a read is taken: two in three go wide.
     *
     * @param read id of the read
     * @param shares by id of the option, over 0; empty for all alike
     * @param seed where it is by lot, what the lots are drawn from, so that the same are drawn again; empty to take
     *     turns
     */
    record Shares(String id, String read, Map<String, Integer> shares, OptionalLong seed) implements Rotation {
        public Shares {
            shares = Collections.unmodifiableMap(new LinkedHashMap<>(shares));
        }

        /** Options that take turns. */
        public Shares(String id, String read, Map<String, Integer> shares) {
            this(id, read, shares, OptionalLong.empty());
        }

        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.shares(this);
        }

        @Override
        public Shares withId(String newId) {
            return new Shares(newId, read, shares, seed);
        }
    }

    /** Who fits a role, by the id of its person: a position in the sport's own words, or others, as "left wing". */
    record Fits(String id, String who, String words) implements Rotation {
        @Override
        public <R> R matchRotation(RotationCases<R> cases) {
            return cases.fits(this);
        }

        @Override
        public Fits withId(String newId) {
            return new Fits(newId, who, words);
        }
    }
}

package wildchalk.core.drill;

import java.util.Optional;

/** A rule of the game in a stage, which the rehearsal keeps an eye on. */
public sealed interface Limit extends Instruction {

    /** What is said of this kind of limit. */
    <R> R matchLimit(LimitCases<R> cases);

    @Override
    default <R> R match(Cases<R> cases) {
        return cases.limit(this);
    }

    /** Who it is about. */
    default Whom whom() {
        return Whom.everybody();
    }

    /**
     * So many at most, or at least.
     *
     * @param n 0 or more
     * @param span for whom, over which part of a rep, and what happens otherwise
     */
    record Count(String id, Counted counted, Bound bound, int n, Span span) implements Limit {

        /** So many at most, counted as is usual, all the time. */
        public static Count atMost(String id, Counted counted, int most, Whom whom) {
            return new Count(id, counted, Bound.AT_MOST, most, Span.of(counted, whom));
        }

        /** So many at least in a rep. */
        public static Count atLeast(String id, Counted counted, int least, Whom whom) {
            return new Count(id, counted, Bound.AT_LEAST, least, Span.of(counted, whom));
        }

        @Override
        public Whom whom() {
            return span.whom();
        }

        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.count(this);
        }

        @Override
        public Count withId(String newId) {
            return new Count(newId, counted, bound, n, span);
        }

        /** As many as that. */
        public Count of(int other) {
            return new Count(id, counted, bound, other, span);
        }

        /** The other bound. */
        public Count bound(Bound other) {
            return new Count(id, counted, other, n, span);
        }

        /** The same over another span. */
        public Count over(Span other) {
            return new Count(id, counted, bound, n, other);
        }
    }

    /** Which way a number binds. */
    enum Bound {
        AT_MOST,
        AT_LEAST
    }

    /**
     * What is counted together.
     *
     * @param per each time somebody has the ball, or the whole rep
     * @param from the moment from which it counts; empty for the whistle
     * @param until the moment until which it counts; empty for the end
     * @param feeds whether what a coach plays counts too
     * @param otherwise what happens when it is not kept to, in the coach's words ("the others have it"); may be empty
     */
    record Span(
            Whom whom,
            Per per,
            Optional<Cue.Trigger> from,
            Optional<Cue.Trigger> until,
            boolean feeds,
            String otherwise) {

        /**
         * What is usual for what is counted: touches and dribbles each time somebody has the ball, all else in the rep.
         */
        public static Span of(Counted counted, Whom whom) {
            return new Span(whom, usual(counted), Optional.empty(), Optional.empty(), true, "");
        }

        /** Over what something is counted when nobody says. */
        public static Per usual(Counted counted) {
            return counted == Counted.TOUCHES || counted == Counted.DRIBBLES ? Per.EACH_TIME : Per.REP;
        }

        /** The same for others. */
        public Span of(Whom others) {
            return new Span(others, per, from, until, feeds, otherwise);
        }

        /** Counted together otherwise. */
        public Span per(Per other) {
            return new Span(whom, other, from, until, feeds, otherwise);
        }

        /** From and until other moments; empty for the beginning and the end. */
        public Span between(Optional<Cue.Trigger> newFrom, Optional<Cue.Trigger> newUntil) {
            return new Span(whom, per, newFrom, newUntil, feeds, otherwise);
        }

        /** With what a coach plays counted or not. */
        public Span feeds(boolean counted) {
            return new Span(whom, per, from, until, counted, otherwise);
        }

        /** With something else that happens otherwise. */
        public Span otherwise(String words) {
            return new Span(whom, per, from, until, feeds, words);
        }
    }

    /** What is counted together. */
    enum Per {
        /** Each time one person has the ball; of passes, each time a team has it. */
        EACH_TIME,
        /** All of the rep. */
        REP
    }

    /** What is counted. */
    enum Counted {
        TOUCHES,
        DRIBBLES,
        PASSES,
        SHOTS
    }

    /**
     * So many passes before a shot counts, or before a ball crosses a line.
     *
     * @param line id of the straight line; empty for a shot
     */
    record PassesFirst(String id, int passes, Optional<String> line) implements Limit {
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.passesFirst(this);
        }

        @Override
        public PassesFirst withId(String newId) {
            return new PassesFirst(newId, passes, line);
        }
    }

    /** Somebody has a ball in a zone so many times, having had none there just before, before a shot counts. */
    record EntriesFirst(String id, int entries, String zone) implements Limit {
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.entriesFirst(this);
        }

        @Override
        public EntriesFirst withId(String newId) {
            return new EntriesFirst(newId, entries, zone);
        }
    }

    /**
     * A shot, or a ball in a zone, within some seconds.
     *
     * @param seconds over 0
     * @param zone id of the zone; empty for a shot
     * @param from what the clock starts with; empty for the whistle
     */
    record Within(String id, double seconds, Optional<String> zone, Optional<Cue.Trigger> from) implements Limit {
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.within(this);
        }

        @Override
        public Within withId(String newId) {
            return new Within(newId, seconds, zone, from);
        }
    }

    /**
     * A zone that only some may enter.
     *
     * @param from the moment from which they may; empty for all the time. Whoever is not among them never may
     */
    record OnlyIn(String id, String zone, Whom whom, Optional<Cue.Trigger> from) implements Limit {

        /** A zone that is open to them all the time. */
        public OnlyIn(String id, String zone, Whom whom) {
            this(id, zone, whom, Optional.empty());
        }

        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.onlyIn(this);
        }

        @Override
        public OnlyIn withId(String newId) {
            return new OnlyIn(newId, zone, whom, from);
        }
    }

    /**
     * A zone that some may not leave.
     *
     * @param until the moment from which they may; empty for never
     */
    record StayIn(String id, Whom whom, String zone, Optional<Cue.Trigger> until) implements Limit {
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.stayIn(this);
        }

        @Override
        public StayIn withId(String newId) {
            return new StayIn(newId, whom, zone, until);
        }
    }

    /** Some may not touch a ball before a moment. */
    record NotBefore(String id, Whom whom, Cue.Trigger moment) implements Limit {
        @Override
        public <R> R matchLimit(LimitCases<R> cases) {
            return cases.notBefore(this);
        }

        @Override
        public NotBefore withId(String newId) {
            return new NotBefore(newId, whom, moment);
        }
    }
}

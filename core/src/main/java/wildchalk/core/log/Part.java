package wildchalk.core.log;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.practice.Content;

/**
 * A part of an evening as it was.
 *
 * @param title what it was called
 * @param drill which drill, in the version that was run; empty for what was none
 * @param rungs ids of the rungs that were played, in order; none for the lowest alone
 * @param time how long it was and was to be
 * @param went how it went
 * @param next what to do next time, in the coach's words; may be empty
 * @param result what came of it
 * @param work what those who were in it did, as it was worked out; empty where that is not known
 */
public record Part(
        String title,
        Optional<Content.Planned> drill,
        List<String> rungs,
        Time time,
        Went went,
        String next,
        Result result,
        Optional<Work> work) {

    /** Longer no part of an evening is, seconds: half a day. */
    public static final int LONGEST = 12 * 60 * 60;

    /**
     * Seconds, each 0 to {@link #LONGEST}.
     *
     * @param before that came before it
     * @param plannedBefore that were planned before it
     * @param ran that it was on
     * @param planned that were planned; 0 for what nobody had planned
     * @param meanwhile whether it was on beside the part before it: its seconds are none of the evening's then
     */
    public record Time(int before, int plannedBefore, int ran, int planned, boolean meanwhile) {

        /** One after whatever was before. */
        public Time(int before, int plannedBefore, int ran, int planned) {
            this(before, plannedBefore, ran, planned, false);
        }

        public Time {
            for (int seconds : new int[] {before, plannedBefore, ran, planned}) {
                if (seconds < 0 || seconds > LONGEST) {
                    throw new IllegalArgumentException("seconds=" + seconds);
                }
            }
        }

        /** One that was as it was planned. */
        public static Time asPlanned(int before, int seconds) {
            return new Time(before, before, seconds, seconds);
        }

        /** The same, beside the part before it. */
        public Time beside() {
            return new Time(0, 0, ran, planned, true);
        }

        /** The same, but on for as long as that and after so much. */
        public Time lasting(int secondsBefore, int seconds) {
            return new Time(secondsBefore, plannedBefore, seconds, planned, meanwhile);
        }
    }

    /** How it went, in the eyes of the coach. */
    public enum Went {
        UNSAID,
        WORKED,
        SO_SO,
        DID_NOT
    }

    /**
     * What came of it.
     *
     * @param counted what was counted, in order
     * @param calls how often something was called
     * @param timed who was timed, in order
     * @param notes what the coach noted while it was on
     */
    public record Result(List<Counted> counted, int calls, List<Timed> timed, List<String> notes) {

        /** Nothing. */
        public static final Result NONE = new Result(List.of(), 0, List.of(), List.of());

        public Result {
            counted = List.copyOf(counted);
            timed = List.copyOf(timed);
            notes = List.copyOf(notes);
            if (calls < 0) {
                throw new IllegalArgumentException("calls=" + calls);
            }
        }

        private Result silent(UnaryOperator<String> words) {
            return new Result(
                    counted.stream()
                            .map(c -> new Counted(
                                    words.apply(c.what()), words.apply(c.who()), c.made(), c.missed(), c.worth()))
                            .toList(),
                    calls,
                    timed.stream()
                            .map(t -> new Timed(words.apply(t.what()), words.apply(t.who()), t.metres(), t.splits()))
                            .toList(),
                    notes.stream().map(words).toList());
        }
    }

    /**
     * What somebody has of one counter.
     *
     * @param what it was: "reaching the far zone"
     * @param who id of the one of the squad, or else what a side or a group was called; empty where nobody was told
     *     apart
     * @param made how often it was done, 0 or more
     * @param missed how often it was missed, 0 or more
     * @param worth points for one, may be below 0
     */
    public record Counted(String what, String who, int made, int missed, int worth) {
        public Counted {
            if (made < 0 || missed < 0) {
                throw new IllegalArgumentException(made + ", " + missed);
            }
        }
    }

    /**
     * A time by the stopwatch.
     *
     * @param who as in {@link Counted}
     * @param metres from standing to the last split; 0 where nobody said
     * @param splits milliseconds from the start, at least one, each more than the one before
     */
    public record Timed(String what, String who, double metres, List<Long> splits) {
        public Timed {
            splits = List.copyOf(splits);
            long before = 0;
            for (long split : splits) {
                if (split <= before) {
                    throw new IllegalArgumentException("splits=" + splits);
                }
                before = split;
            }
            if (splits.isEmpty() || !(metres >= 0)) {
                throw new IllegalArgumentException(splits + " " + metres);
            }
        }
    }

    public Part {
        rungs = List.copyOf(rungs);
    }

    /** One of which nothing is known but what it was and how long. */
    public static Part of(String title, Optional<Content.Planned> drill, Time time) {
        return new Part(title, drill, List.of(), time, Went.UNSAID, "", Result.NONE, Optional.empty());
    }

    /** Seconds of the evening that it took, with what came before it: none for what was on beside another. */
    public int took() {
        return time.meanwhile() ? 0 : time.before() + time.ran();
    }

    /** Minutes that it was on. */
    public double minutes() {
        return time.ran() / 60.0;
    }

    /** Seconds that it was on. */
    public int seconds() {
        return time.ran();
    }

    /** Seconds that came before it. */
    public int before() {
        return time.before();
    }

    /** The same for another time. */
    public Part lasting(Time other) {
        return new Part(title, drill, rungs, other, went, next, result, work);
    }

    /** The same on other rungs. */
    public Part playing(List<String> otherRungs) {
        return new Part(title, drill, otherRungs, time, went, next, result, work);
    }

    /** The same, gone otherwise. */
    public Part going(Went other) {
        return new Part(title, drill, rungs, time, other, next, result, work);
    }

    /** The same with something else to do next time. */
    public Part nextTime(String words) {
        return new Part(title, drill, rungs, time, went, words, result, work);
    }

    /** The same, with another result. */
    public Part with(Result other) {
        return new Part(title, drill, rungs, time, went, next, other, work);
    }

    /** The same of a drill in another version, or under another id. */
    public Part of(Content.Planned other) {
        return new Part(title, Optional.of(other), rungs, time, went, next, result, work);
    }

    Part withoutNotes() {
        return nextTime("").with(new Result(result.counted(), result.calls(), result.timed(), List.of()));
    }

    /** The same, with what was worked out of it. */
    public Part working(Work other) {
        return new Part(title, drill, rungs, time, went, next, result, Optional.of(other));
    }

    Part silent(UnaryOperator<String> words) {
        return new Part(words.apply(title), drill, rungs, time, went, words.apply(next), result.silent(words), work);
    }
}

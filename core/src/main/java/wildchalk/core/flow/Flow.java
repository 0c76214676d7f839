package wildchalk.core.flow;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What becomes of a drill that is played for so many minutes by so many people.
 *
 * @param seconds how long
 * @param reps in the order in which they begin
 * @param each everybody, by their letter, in order
 * @param balls how many are needed
 * @param interval seconds from one rep to the next, the middle one; empty for less than two reps
 * @param jams what goes wrong, and where; empty for none
 * @param meetings who comes near whom at speed, of those who are not in one rep together
 * @param guessed ids of the roles of which nothing was said, so that where they go is a guess
 */
public record Flow(
        double seconds,
        List<Rep> reps,
        Map<String, Each> each,
        Balls balls,
        Optional<Double> interval,
        List<Jam> jams,
        List<Meeting> meetings,
        Set<String> guessed) {

    public Flow {
        reps = List.copyOf(reps);
        jams = List.copyOf(jams);
        meetings = List.copyOf(meetings);
        guessed = Set.copyOf(guessed);
    }

    /** Which way a rep is played. */
    public enum Side {
        DRAWN,
        MIRRORED;

        /** The other one. */
        public Side other() {
            return this == DRAWN ? MIRRORED : DRAWN;
        }
    }

    /**
     * A rep.
     *
     * @param n from 1, in each copy
     * @param t seconds after the first whistle at which it begins
     * @param copy from 1
     * @param cast the letter of who has a role, by its id
     * @param over seconds after the first whistle at which all of it is done
     * @param held seconds that it begins later than it was to, because a role or a ball was not there
     */
    public record Rep(int n, double t, Side side, int copy, Map<String, String> cast, double over, double held) {}

    /** What somebody does for a while. */
    public enum Doing {
        /** From the first moment at which their role acts to the end of its last action. */
        BUSY,
        ON_THE_WAY,
        WAITING
    }

    /**
     * A while, seconds after the first whistle.
     *
     * @param rep number of the rep in which they are busy, or after which they are on the way; 0 for who waits
     */
    public record Span(Doing doing, double from, double to, int rep) {

        /** Seconds. */
        public double seconds() {
            return to - from;
        }
    }

    /**
     * One person.
     *
     * @param copy in which they are, from 1
     * @param roles how often they had each role, by its id
     * @param spans what they do, without a gap, from the first whistle to the end
     * @param metres that they go in reps and between them
     * @param sprints how often they sprint
     * @param touches of the ball
     * @param shots that they take
     * @param with the letters of those with whom they were in a rep
     */
    public record Each(
            int copy,
            Map<String, Integer> roles,
            List<Span> spans,
            double metres,
            int sprints,
            int touches,
            int shots,
            Set<String> with) {

        public Each {
            spans = List.copyOf(spans);
        }

        /** Reps in which they were. */
        public int reps() {
            return roles.values().stream().mapToInt(Integer::intValue).sum();
        }

        /** Seconds for which they do something. */
        public double seconds(Doing doing) {
            return spans.stream()
                    .filter(s -> s.doing() == doing)
                    .mapToDouble(Span::seconds)
                    .sum();
        }

        /** The longest time for which they wait at one go, seconds. */
        public double longestWait() {
            return spans.stream()
                    .filter(s -> s.doing() == Doing.WAITING)
                    .mapToDouble(Span::seconds)
                    .max()
                    .orElse(0);
        }
    }

    /**
     * How many balls it takes.
     *
     * @param most in play, carried back or lying out at once, with whoever fetches them
     * @param withoutFetching when nobody fetches any
     */
    public record Balls(int most, int withoutFetching) {}

    /**
     * Something that goes wrong.
     *
     * @param rep before which one; 1 for what goes wrong from the start
     * @param copy from 1
     * @param why in words
     * @param mend what would help, in words
     */
    public record Jam(int rep, int copy, String why, String mend) {}

    /**
     * Two who come near each other at speed.
     *
     * @param t seconds after the first whistle, the first time
     * @param metres how near
     * @param speed how fast they near each other, m/s
     * @param times how often it comes to that between people in these roles
     */
    public record Meeting(double t, String one, String other, double metres, double speed, int times) {}
}

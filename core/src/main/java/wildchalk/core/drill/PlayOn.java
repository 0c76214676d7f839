package wildchalk.core.drill;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Live play that nobody draws: who plays whom, where, and what ends it. It takes its time; where anybody is meanwhile
 * is not claimed.
 *
 * @param who id of the person it begins with
 * @param sides who plays whom, one to four; none for all who play
 * @param area id of the zone it is played in, of the surface or marked out; empty for all of the surface
 * @param rule what holds while it is played, in the coach's words; may be empty
 */
public record PlayOn(String id, String who, List<Whom> sides, Optional<String> area, Until until, String rule, Cue cue)
        implements Action {

    /** How long play goes on that no clock ends, seconds; assumed. */
    public static final double USUAL = 12;

    /** More sides than these do not play each other. */
    public static final int MOST_SIDES = 4;

    public PlayOn {
        sides = List.copyOf(sides);
    }

    /**
     * What ends it, whichever comes first.
     *
     * @param seconds on the clock, over 0; empty for no clock
     * @param ends what else ends it
     * @param line id of the straight line that the ball is to be won and taken over; empty where there is none
     */
    public record Until(OptionalDouble seconds, Set<Ends> ends, Optional<String> line) {
        public Until {
            ends = Set.copyOf(ends);
        }

        /** A clock and nothing else. */
        public static Until seconds(double seconds) {
            return new Until(OptionalDouble.of(seconds), Set.of(), Optional.empty());
        }

        /** The same with so many seconds on the clock; empty for none. */
        public Until clock(OptionalDouble newSeconds) {
            return new Until(newSeconds, ends, line);
        }

        /** The same ended by something besides, or no longer. */
        public Until toggled(Ends end) {
            Set<Ends> others = new HashSet<>(ends);
            if (!others.remove(end)) {
                others.add(end);
            }
            return new Until(seconds, others, line);
        }

        /** The same with a line that the ball is won and taken over; empty for none. */
        public Until over(Optional<String> newLine) {
            return new Until(seconds, ends, newLine);
        }
    }

    /** What ends play. */
    public enum Ends {
        /** A goal, a basket, a point. */
        GOAL,
        /** The ball is off the surface, or out of the area. */
        OUT,
        /** The others win the ball. */
        WON,
        /** The whistle, whenever the coach blows it. */
        WHISTLE
    }

    /** How long it takes, seconds: as long as the clock says, else as is usual. */
    public double lasts() {
        return until.seconds().orElse(USUAL);
    }

    @Override
    public <R> R match(ActionCases<R> cases) {
        return cases.playOn(this);
    }

    @Override
    public PlayOn withCue(Cue newCue) {
        return new PlayOn(id, who, sides, area, until, rule, newCue);
    }

    /** The same between others. */
    public PlayOn between(List<Whom> newSides) {
        return new PlayOn(id, who, newSides, area, until, rule, cue);
    }

    /** The same elsewhere; empty for all of the surface. */
    public PlayOn in(Optional<String> newArea) {
        return new PlayOn(id, who, sides, newArea, until, rule, cue);
    }

    /** The same ended otherwise. */
    public PlayOn until(Until newUntil) {
        return new PlayOn(id, who, sides, area, newUntil, rule, cue);
    }

    /** The same by another rule. */
    public PlayOn ruled(String newRule) {
        return new PlayOn(id, who, sides, area, until, newRule, cue);
    }
}

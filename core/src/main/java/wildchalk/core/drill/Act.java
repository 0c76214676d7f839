package wildchalk.core.drill;

import java.util.Optional;

/**
 * Something done with the body or the hands where one is: going to ground, a tackle, a tap, putting the ball down.
 *
 * @param on whom or what it is done to; empty for what is about nobody else
 * @param then what becomes of a tackle; {@link Then#USUAL} for all else
 * @param seconds how long it takes, 0 to {@link #LONGEST}
 */
public record Act(String id, String who, What what, Optional<Spot> on, Then then, double seconds, Cue cue)
        implements Action {

    /** Nothing of the kind takes longer, seconds. */
    public static final double LONGEST = 10;

    /** As is usual. */
    public static Act of(String id, String who, What what, Optional<Spot> on, Cue cue) {
        return new Act(id, who, what, on, what == What.TACKLE ? Then.BOTH_DOWN : Then.USUAL, what.usual(), cue);
    }

    /** Id of the person that it is done to; empty for what is about nobody else. */
    public Optional<String> whom() {
        return on.flatMap(Spot::namedPiece);
    }

    @Override
    public <R> R match(ActionCases<R> cases) {
        return cases.act(this);
    }

    @Override
    public Act withCue(Cue newCue) {
        return new Act(id, who, what, on, then, seconds, newCue);
    }

    /** The same done to something else. */
    public Act on(Spot spot) {
        return new Act(id, who, what, Optional.of(spot), then, seconds, cue);
    }

    /** The same with another end. */
    public Act then(Then other) {
        return new Act(id, who, what, on, other, seconds, cue);
    }

    /** The same, taking so long, seconds. */
    public Act lasting(double newSeconds) {
        return new Act(id, who, what, on, then, newSeconds, cue);
    }

    /** What is done. All times that are usual are assumed. */
    public enum What {
        /** Goes to ground and lies there. */
        GO_DOWN(0.8, About.NOBODY),
        KNEEL(0.6, About.NOBODY),
        GET_UP(1.2, About.NOBODY),
        /** Takes somebody who runs down, or stops them. */
        TACKLE(0.8, About.PERSON),
        /** Drives somebody away from where they stand. */
        CLEAR_OUT(1, About.PERSON),
        /** Goes straight up with the arms high, where one stands. */
        WALL_UP(0.7, About.NOBODY),
        /** Touches somebody or something with the hand. */
        TAP(0.2, About.ANYTHING),
        /** The same with the stick. */
        TAP_STICK(0.2, About.ANYTHING),
        /** Puts the ball down. */
        PUT_DOWN(0.4, About.NOBODY),
        /** Lets the ball fall. */
        LET_FALL(0, About.NOBODY),
        /** Takes the ball off somebody. */
        TAKE(0.5, About.PERSON);

        private final double usual;
        private final About about;

        What(double usual, About about) {
            this.usual = usual;
            this.about = about;
        }

        /** How long it takes where nobody says, seconds; assumed. */
        public double usual() {
            return usual;
        }

        /** What it is done to. */
        public About about() {
            return about;
        }
    }

    /** What something is done to. */
    public enum About {
        NOBODY,
        PERSON,
        ANYTHING
    }

    /** What becomes of a tackle. */
    public enum Then {
        USUAL,
        /** Both go to ground; whoever has the ball keeps it. */
        BOTH_DOWN,
        /** Only the one who is tackled goes to ground. */
        ONE_DOWN,
        /** Both stay up, and the run is over. */
        HELD_UP,
        /** The run goes on; whoever missed is on the ground. */
        MISSED,
        /** Both go to ground, and the ball lies free. */
        LOOSE
    }
}

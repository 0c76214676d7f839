package wildchalk.core.drill;

import java.util.Optional;

/**
 * Goes with another person, wherever they go.
 *
 * @param whom id of that person
 * @param style how they are followed
 * @param until what ends it; empty for as long as the other moves
 */
public record Shadow(
        String id, String who, String whom, Style style, Action.Gait gait, Optional<Cue.Trigger> until, Cue cue)
        implements Action {

    /**
     * How somebody is followed.
     *
     * @param distance metres to keep; for a chase, how near is caught
     * @param other what the other end of a lane is; empty for all that is about one alone
     */
    public record Style(Way way, Side side, double distance, Optional<Spot> other) {

        /** About one person alone. */
        public Style(Way way, Side side, double distance) {
            this(way, side, distance, Optional.empty());
        }

        /** The same another way. */
        public Style by(Way newWay) {
            return new Style(newWay, side, distance, other);
        }

        /** The same on another side. */
        public Style on(Side newSide) {
            return new Style(way, newSide, distance, other);
        }

        /** The same so far off, metres. */
        public Style off(double metres) {
            return new Style(way, side, metres, other);
        }
    }

    /** How they are followed. */
    public Way way() {
        return style.way();
    }

    /** On which side of them. */
    public Side side() {
        return style.side();
    }

    /** Metres to keep; for a chase, how near is caught. */
    public double distance() {
        return style.distance();
    }

    /** How far off whoever shadows stays when nobody says, metres; assumed. */
    public static final double USUAL_DISTANCE = 1.5;

    @Override
    public <R> R match(ActionCases<R> cases) {
        return cases.shadow(this);
    }

    @Override
    public Shadow withCue(Cue newCue) {
        return new Shadow(id, who, whom, style, gait, until, newCue);
    }

    /** The same in another style. */
    public Shadow in(Style newStyle) {
        return new Shadow(id, who, whom, newStyle, gait, until, cue);
    }

    /** The same with somebody else. */
    public Shadow with(String other) {
        return new Shadow(id, who, other, style, gait, until, cue);
    }

    /** The same, run at and stopped short of, from whichever side. */
    public Shadow closingDown() {
        return in(style.by(Way.CLOSE_DOWN));
    }

    /** The same, ended by something else; empty for what ends it usually. */
    public Shadow until(Optional<Cue.Trigger> newUntil) {
        return new Shadow(id, who, whom, style, gait, newUntil, cue);
    }

    /** The same with the one goal looked after in place of the other; sides that are no goal's stay. */
    public Shadow acrossEnds() {
        Side across =
                switch (side()) {
                    case GOAL -> Side.OTHER_GOAL;
                    case OTHER_GOAL -> Side.GOAL;
                    default -> side();
                };
        return in(style.on(across));
    }

    /** How a person is followed. */
    public enum Way {
        /** Stays between them and what is looked after. */
        MARK,
        /** Runs at them until they are caught. */
        CHASE,
        /** Runs at them and stops short. */
        CLOSE_DOWN,
        /** Goes beside them. */
        HIP_TO_HIP,
        /** Runs at them and comes in on short quick steps. */
        STUTTER_IN,
        /** Gives way in front of them, facing them. */
        JOCKEY,
        /** Body against body, between them and what is looked after. */
        BODY_UP,
        /** Keeps in front of them, the way that they go. */
        IN_FRONT,
        /** Keeps behind them. */
        BEHIND,
        /** Keeps level with them, up and down, in the own channel. */
        LEVEL,
        /** Keeps level with them and so far to the side, wherever they drift. */
        DRIFT,
        /** Keeps in the lane between them and something else. */
        LANE;

        /** Whether it matters on which side of them. */
        public boolean isSided() {
            return switch (this) {
                case MARK, CLOSE_DOWN, STUTTER_IN, JOCKEY, BODY_UP -> true;
                default -> false;
            };
        }

        /** Whether it keeps a distance that somebody may say. */
        public boolean isKeptOff() {
            return switch (this) {
                case CHASE, HIP_TO_HIP, LANE, LEVEL, BODY_UP -> false;
                default -> true;
            };
        }
    }

    /** On which side of them. */
    public enum Side {
        ANY,
        GOAL,
        BALL,
        /** Between them and the goal at the other end. */
        OTHER_GOAL
    }
}

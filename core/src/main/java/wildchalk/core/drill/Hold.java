package wildchalk.core.drill;

import java.util.Optional;

/**
 * Stands, with the body facing something.
 *
 * @param facing what the body turns to; empty to stay as it is
 * @param turn which way round it turns
 * @param seconds at least; 0 for just the turn
 * @param until what ends it; empty to end after the seconds
 */
public record Hold(
        String id,
        String who,
        Stance stance,
        Optional<Spot> facing,
        Turn turn,
        double seconds,
        Optional<Cue.Trigger> until,
        Cue cue)
        implements Action {

    /** Turns the shorter way round. */
    public Hold(
            String id,
            String who,
            Stance stance,
            Optional<Spot> facing,
            double seconds,
            Optional<Cue.Trigger> until,
            Cue cue) {
        this(id, who, stance, facing, Turn.SHORTER, seconds, until, cue);
    }

    @Override
    public <R> R match(ActionCases<R> cases) {
        return cases.hold(this);
    }

    @Override
    public Hold withCue(Cue newCue) {
        return new Hold(id, who, stance, facing, turn, seconds, until, newCue);
    }

    /** The same, ended by something else; empty for what ends it usually. */
    public Hold until(Optional<Cue.Trigger> newUntil) {
        return new Hold(id, who, stance, facing, turn, seconds, newUntil, cue);
    }

    /** The same, facing something else; empty to stay as the body is. */
    public Hold facing(Optional<Spot> spot) {
        return new Hold(id, who, stance, spot, turn, seconds, until, cue);
    }

    /** The same, turned the other way round. */
    public Hold turning(Turn newTurn) {
        return new Hold(id, who, stance, facing, newTurn, seconds, until, cue);
    }

    /** What standing there is for. */
    public enum Stance {
        WAIT,
        TURN,
        PIVOT,
        SCREEN,
        BOX_OUT,
        POST_UP
    }

    /** Which way round a body turns on the spot. */
    public enum Turn {
        /** Whichever is less. */
        SHORTER,
        /** Opens to the left. */
        OPEN_LEFT,
        /** Opens to the right. */
        OPEN_RIGHT,
        /** The shorter way and once round besides. */
        SPIN
    }
}

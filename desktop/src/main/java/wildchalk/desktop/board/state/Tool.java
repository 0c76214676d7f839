package wildchalk.desktop.board.state;

import java.util.Optional;
import wildchalk.core.stroke.Kind;

/** What is in the hand: a chalk that means one thing, a piece to put down, a tape, or nothing in particular. */
public enum Tool {
    GUESS(null),
    MOVE(null),
    TAPE(null),
    CROP(null),
    PATTERN(null),
    AREA(null),
    RUN(Kind.RUN),
    CARRY(Kind.CARRY),
    PASS(Kind.PASS),
    SHOT(Kind.SHOT),
    BACK(Kind.BACK),
    SIDE(Kind.SIDE),
    NEXT(null),
    PLAYER(null),
    LINE_UP(null),
    CONE(null),
    BALL(null),
    GEAR(null),
    SUPPLY(null),
    GOALKEEPER(null),
    COACH(null),
    NOTE(null);

    private final Kind kind;

    Tool(Kind kind) {
        this.kind = kind;
    }

    /** The kind of action a stroke is with this chalk; empty when it is to be guessed. */
    public Optional<Kind> kind() {
        return Optional.ofNullable(kind);
    }

    /** Whether a click puts a piece down. */
    public boolean places() {
        return ordinal() >= PLAYER.ordinal();
    }

    /** Whether it puts gear down, so that the kind and colour of gear matter. */
    public boolean handlesGear() {
        return this == GEAR || this == SUPPLY || this == PATTERN || this == CONE;
    }
}

package wildchalk.desktop.board;

import java.util.Optional;
import wildchalk.core.stroke.Kind;

/** What is in the hand: a chalk that means one thing, a piece to put down, or nothing in particular. */
public enum Tool {
    GUESS(null), MOVE(null),
    RUN(Kind.RUN), CARRY(Kind.CARRY), PASS(Kind.PASS), SHOT(Kind.SHOT), BACK(Kind.BACK), SIDE(Kind.SIDE),
    PLAYER(null), LINE_UP(null), CONE(null), BALL(null), GOAL(null), GOALKEEPER(null), COACH(null);

    private final Kind kind;

    Tool(Kind kind) {
        this.kind = kind;
    }

    /** The kind of action a stroke is with this chalk; empty when it is to be guessed. */
    public Optional<Kind> kind() {
        return Optional.ofNullable(kind);
    }

    public boolean places() {
        return ordinal() >= PLAYER.ordinal();
    }
}

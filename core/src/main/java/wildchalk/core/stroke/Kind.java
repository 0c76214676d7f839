package wildchalk.core.stroke;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Spot;

/** The chalks: what a stroke can be. */
public enum Kind {
    RUN, CARRY, PASS, SHOT, BACK, SIDE, SHADOW;

    /** The kind of an action that is there. */
    public static Kind of(Action action) {
        if (action instanceof Action.Run run) {
            return run.gait() == Gait.BACK ? BACK : run.gait() == Gait.SIDE ? SIDE : RUN;
        }
        if (action instanceof Action.Carry) {
            return CARRY;
        }
        if (action instanceof Action.Delivery) {
            return action instanceof Action.Pass ? PASS : SHOT;
        }
        return action instanceof Action.Shadow ? SHADOW : RUN;
    }

    /** The key that takes this chalk, or makes a chosen line one of it; none for a shadow, which needs somebody. */
    public String key() {
        return switch (this) {
            case RUN -> "R";
            case CARRY -> "C";
            case PASS -> "P";
            case SHOT -> "S";
            case BACK -> "B";
            case SIDE -> "D";
            case SHADOW -> "";
        };
    }

    /** What a stroke of this kind may have been meant for otherwise, likeliest first. */
    public List<Kind> others() {
        return switch (this) {
            case RUN -> List.of(BACK, SIDE);
            case BACK, SIDE, SHADOW -> List.of(RUN);
            case CARRY -> List.of(PASS, SHOT);
            case PASS -> List.of(CARRY, SHOT);
            case SHOT -> List.of(PASS, CARRY);
        };
    }

    public boolean sendsBall() {
        return this == PASS || this == SHOT;
    }

    /** A fresh action of this kind along {@code path}. */
    public Action action(String id, String who, Action.Path path, Cue cue) {
        Spot end = path.last();
        return switch (this) {
            case RUN -> new Action.Run(id, who, path, Gait.RUN, Ending.GO_ON, cue);
            case BACK -> new Action.Run(id, who, path, Gait.BACK, Ending.GO_ON, cue);
            case SIDE -> new Action.Run(id, who, path, Gait.SIDE, Ending.GO_ON, cue);
            case CARRY -> new Action.Carry(id, who, path, Gait.RUN, Ending.GO_ON, cue);
            case PASS -> new Action.Pass(id, who, end, Touch.CONTROLLED, cue);
            // A line into space does not say whom it is about: it is run.
            case SHADOW -> end instanceof Spot.AtPiece p ? new Action.Shadow(id, who, p.piece(), Action.Shadow.Way.MARK,
                    Action.Shadow.Side.GOAL, Action.Shadow.USUAL_DISTANCE, Gait.SPRINT, Optional.empty(), cue)
                    : new Action.Run(id, who, path, Gait.SPRINT, Ending.GO_ON, cue);
            case SHOT -> new Action.Shot(id, who, end, Touch.CONTROLLED, cue);
        };
    }

    /** The same stroke by the same person on the same cue, meant otherwise. */
    public Action instead(Action action) {
        if (this == SHADOW && !(action instanceof Action.Shadow)) {
            // A line alone does not say whom it is about.
            return action;
        }
        Action.Path path = action instanceof Action.Travel travel ? travel.path()
                : new Action.Path(List.of(end(action)), false);
        return action(action.id(), action.who(), path, action.cue());
    }

    private static Spot end(Action action) {
        return action instanceof Action.Delivery d ? d.to() : action instanceof Action.Shadow s ? Spot.at(s.whom())
                : Spot.at(action.who());
    }
}

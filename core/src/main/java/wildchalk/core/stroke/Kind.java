package wildchalk.core.stroke;

import java.util.List;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Spot;

/** The chalks: what a stroke can be. */
public enum Kind {
    RUN, CARRY, PASS, SHOT, BACK, SIDE;

    /** The kind of an action that is there. */
    public static Kind of(Action action) {
        if (action instanceof Action.Run run) {
            return run.gait() == Gait.BACK ? BACK : run.gait() == Gait.SIDE ? SIDE : RUN;
        }
        if (action instanceof Action.Carry) {
            return CARRY;
        }
        return action instanceof Action.Pass ? PASS : SHOT;
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
            case SHOT -> new Action.Shot(id, who, end, Touch.CONTROLLED, cue);
        };
    }

    /** The same stroke by the same person on the same cue, meant otherwise. */
    public Action instead(Action action) {
        Action.Path path = action instanceof Action.Travel travel ? travel.path()
                : new Action.Path(List.of(((Action.Delivery) action).to()), false);
        return action(action.id(), action.who(), path, action.cue());
    }
}

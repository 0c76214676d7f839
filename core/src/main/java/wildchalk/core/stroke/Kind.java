package wildchalk.core.stroke;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;

/** The chalks: what a stroke can be. */
public enum Kind {
    RUN,
    CARRY,
    PASS,
    SHOT,
    BACK,
    SIDE,
    SHADOW;

    /** The kind of an action that is there. */
    public static Kind of(Action action) {
        return action.match(new ActionCases<>() {
            @Override
            public Kind run(Travel.Run run) {
                if (run.gait() == Gait.BACK) {
                    return BACK;
                }
                if (run.gait() == Gait.SIDE) {
                    return SIDE;
                }
                return RUN;
            }

            @Override
            public Kind carry(Travel.Carry carry) {
                return CARRY;
            }

            @Override
            public Kind collect(Travel.Collect collect) {
                return RUN;
            }

            @Override
            public Kind pass(Action.Pass pass) {
                return PASS;
            }

            @Override
            public Kind shot(Action.Shot shot) {
                return SHOT;
            }

            @Override
            public Kind shadow(Shadow shadow) {
                return SHADOW;
            }

            @Override
            public Kind hold(Hold hold) {
                return RUN;
            }

            @Override
            public Kind call(Action.Call call) {
                return RUN;
            }

            @Override
            public Kind blow(Action.Blow blow) {
                return RUN;
            }

            @Override
            public Kind playOn(PlayOn play) {
                return RUN;
            }

            @Override
            public Kind handle(Action.Handle handle) {
                return RUN;
            }

            @Override
            public Kind act(Act act) {
                return RUN;
            }

            @Override
            public Kind contest(Contest contest) {
                return RUN;
            }
        });
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

    /** Whether a ball leaves somebody by it. */
    public boolean sendsBall() {
        return this == PASS || this == SHOT;
    }

    /** A fresh action of this kind along {@code path}. */
    public Action action(String id, String who, TravelPath path, Cue cue) {
        Spot end = path.last();
        return switch (this) {
            case RUN -> new Travel.Run(id, who, path, Gait.RUN, Ending.GO_ON, cue);
            case BACK -> new Travel.Run(id, who, path, Gait.BACK, Ending.GO_ON, cue);
            case SIDE -> new Travel.Run(id, who, path, Gait.SIDE, Ending.GO_ON, cue);
            case CARRY -> new Travel.Carry(id, who, path, Gait.RUN, Ending.GO_ON, cue);
            case PASS -> new Action.Pass(id, who, end, Touch.CONTROLLED, cue);
                // A line into space does not say whom it is about: it is run.
            case SHADOW -> end instanceof Spot.AtPiece p
                    ? new Shadow(
                            id,
                            who,
                            p.piece(),
                            new Shadow.Style(Shadow.Way.MARK, Shadow.Side.GOAL, Shadow.USUAL_DISTANCE),
                            Gait.SPRINT,
                            Optional.empty(),
                            cue)
                    : new Travel.Run(id, who, path, Gait.SPRINT, Ending.GO_ON, cue);
            case SHOT -> new Action.Shot(id, who, end, Touch.CONTROLLED, cue);
        };
    }

    /** The same stroke by the same person on the same cue, meant otherwise. */
    public Action instead(Action action) {
        if (this == SHADOW && !(action instanceof Shadow)) {
            // A line alone does not say whom it is about.
            return action;
        }
        TravelPath path = action.match(PATH);
        return action(action.id(), action.who(), path, action.cue());
    }

    /** The way an action goes: its own, or straight to what it is about. */
    private static final ActionCases.Families<TravelPath> PATH = new ActionCases.Families<>() {
        @Override
        public TravelPath travel(Travel travel) {
            return travel.path();
        }

        @Override
        public TravelPath delivery(Action.Delivery delivery) {
            return new TravelPath(List.of(delivery.to()), false);
        }

        @Override
        public TravelPath shadow(Shadow shadow) {
            return new TravelPath(List.of(Spot.at(shadow.whom())), false);
        }

        @Override
        public TravelPath hold(Hold hold) {
            return new TravelPath(List.of(Spot.at(hold.who())), false);
        }

        @Override
        public TravelPath call(Action.Call call) {
            return new TravelPath(List.of(Spot.at(call.who())), false);
        }

        @Override
        public TravelPath blow(Action.Blow blow) {
            return new TravelPath(List.of(Spot.at(blow.who())), false);
        }

        @Override
        public TravelPath playOn(PlayOn play) {
            return new TravelPath(List.of(Spot.at(play.who())), false);
        }

        @Override
        public TravelPath handle(Action.Handle handle) {
            return new TravelPath(List.of(Spot.at(handle.who())), false);
        }

        @Override
        public TravelPath act(Act act) {
            return new TravelPath(List.of(act.on().orElseGet(() -> Spot.at(act.who()))), false);
        }

        @Override
        public TravelPath contest(Contest contest) {
            return new TravelPath(List.of(Spot.at(contest.who())), false);
        }
    };
}

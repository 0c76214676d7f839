package wildchalk.core.catalogue;

import java.util.EnumSet;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;

/** What is practised, as it follows from what people do; nobody types it. */
public enum Skill {
    PASSING("passing"),
    FIRST_TOUCH("first touch"),
    LOFTED("lofted passes"),
    OFF_THE_WALL("off boards and walls"),
    HAND_OFFS("hand-offs"),
    CARRYING("carrying the ball"),
    SHOOTING("shooting"),
    GOALKEEPING("goalkeeping"),
    MARKING("marking"),
    CHASING("chasing"),
    SCREENING("screens and holding a place"),
    FOOTWORK("footwork"),
    DECIDING("decisions"),
    TALKING("talking"),
    LIVE_PLAY("games"),
    CONTACT("contact"),
    RESTARTS("restarts"),
    FEINTS("feints");

    private final String words;

    Skill(String words) {
        this.words = words;
    }

    /** As coaches say it. */
    public String words() {
        return words;
    }

    /** What is practised on a stage. */
    public static Set<Skill> of(Stage stage) {
        Set<Skill> skills = EnumSet.noneOf(Skill.class);
        stage.actions().forEach(a -> add(a, skills));
        if (!stage.instructions(Instruction.Read.class).isEmpty()) {
            skills.add(DECIDING);
        }
        if (skills.contains(SHOOTING) && stage.pieces().stream().anyMatch(Piece.Goalkeeper.class::isInstance)) {
            skills.add(GOALKEEPING);
        }
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.Item item
                    && (item.kind() == GearKind.LADDER
                            || item.kind() == GearKind.HURDLE
                            || item.kind() == GearKind.HOOP)) {
                skills.add(FOOTWORK);
            } else if (piece instanceof Piece.Item item
                    && (item.kind() == GearKind.PAD || item.kind() == GearKind.TACKLE_BAG)) {
                skills.add(CONTACT);
            }
        }
        return skills;
    }

    /** What is practised by one action. */
    public static Set<Skill> of(Action action) {
        Set<Skill> skills = EnumSet.noneOf(Skill.class);
        add(action, skills);
        return skills;
    }

    private static void add(Action action, Set<Skill> skills) {
        action.match(new ActionCases<>() {
            @Override
            public Void run(Travel.Run run) {
                return sideways(run);
            }

            @Override
            public Void carry(Travel.Carry carry) {
                skills.add(CARRYING);
                return sideways(carry);
            }

            @Override
            public Void collect(Travel.Collect collect) {
                return sideways(collect);
            }

            @Override
            public Void pass(Action.Pass pass) {
                skills.add(pass.manner() == Action.Manner.HAND_OFF ? HAND_OFFS : PASSING);
                if (pass.manner() == Action.Manner.LOB) {
                    skills.add(LOFTED);
                }
                if (pass.off().isPresent() || pass.manner() == Action.Manner.RIM) {
                    skills.add(OFF_THE_WALL);
                }
                return firstTime(pass);
            }

            @Override
            public Void shot(Action.Shot shot) {
                skills.add(SHOOTING);
                return firstTime(shot);
            }

            @Override
            public Void shadow(Shadow shadow) {
                skills.add(shadow.way() == Shadow.Way.CHASE ? CHASING : MARKING);
                return null;
            }

            @Override
            public Void hold(Hold hold) {
                if (hold.stance() != Hold.Stance.WAIT && hold.stance() != Hold.Stance.TURN) {
                    skills.add(SCREENING);
                }
                return null;
            }

            @Override
            public Void call(Action.Call call) {
                skills.add(TALKING);
                return null;
            }

            @Override
            public Void blow(Action.Blow blow) {
                return null;
            }

            @Override
            public Void playOn(PlayOn play) {
                skills.add(LIVE_PLAY);
                return null;
            }

            @Override
            public Void handle(Action.Handle handle) {
                return null;
            }

            @Override
            public Void act(Act act) {
                if (act.what() == Act.What.TACKLE || act.what() == Act.What.CLEAR_OUT) {
                    skills.add(CONTACT);
                } else if (act.what() == Act.What.WALL_UP) {
                    skills.add(MARKING);
                }
                return null;
            }

            @Override
            public Void contest(Contest contest) {
                skills.add(RESTARTS);
                if (contest.start() == Contest.Start.SCRUM || contest.start() == Contest.Start.PULL) {
                    skills.add(CONTACT);
                }
                return null;
            }

            private Void firstTime(Action.Delivery delivery) {
                if (delivery.touch() == Action.Touch.FIRST_TIME) {
                    skills.add(FIRST_TOUCH);
                }
                return null;
            }

            private Void sideways(Travel travel) {
                if (!travel.going().craft().feints().isEmpty()) {
                    skills.add(FEINTS);
                }
                if (travel.gait() == Action.Gait.SIDE || travel.gait() == Action.Gait.BACK) {
                    skills.add(FOOTWORK);
                }
                return null;
            }
        });
    }
}

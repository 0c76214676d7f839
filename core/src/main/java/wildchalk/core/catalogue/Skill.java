package wildchalk.core.catalogue;

import java.util.EnumSet;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;

/** What is practised, as it follows from what people do; nobody types it. */
public enum Skill {
    PASSING("passing"), FIRST_TOUCH("first touch"), LOFTED("lofted passes"), OFF_THE_WALL("off boards and walls"), HAND_OFFS("hand-offs"),
    CARRYING("carrying the ball"), SHOOTING("shooting"), GOALKEEPING("goalkeeping"), MARKING("marking"), CHASING("chasing"),
    SCREENING("screens and holding a place"), FOOTWORK("footwork"), DECIDING("decisions"), TALKING("talking"), CONTACT("contact");

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
        if (!stage.said(Instruction.Read.class).isEmpty()) {
            skills.add(DECIDING);
        }
        if (skills.contains(SHOOTING) && stage.pieces().stream().anyMatch(Piece.Goalkeeper.class::isInstance)) {
            skills.add(GOALKEEPING);
        }
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.Item item && (item.kind() == GearKind.LADDER || item.kind() == GearKind.HURDLE || item.kind() == GearKind.HOOP)) {
                skills.add(FOOTWORK);
            } else if (piece instanceof Piece.Item item && (item.kind() == GearKind.PAD || item.kind() == GearKind.TACKLE_BAG)) {
                skills.add(CONTACT);
            }
        }
        return skills;
    }

    private static void add(Action action, Set<Skill> skills) {
        if (action instanceof Action.Delivery delivery && delivery.touch() == Action.Touch.FIRST_TIME) {
            skills.add(FIRST_TOUCH);
        }
        if (action instanceof Action.Pass pass) {
            skills.add(pass.manner() == Action.Manner.HAND_OFF ? HAND_OFFS : PASSING);
            if (pass.manner() == Action.Manner.LOB) {
                skills.add(LOFTED);
            }
            if (pass.off().isPresent() || pass.manner() == Action.Manner.RIM) {
                skills.add(OFF_THE_WALL);
            }
        } else if (action instanceof Action.Shot) {
            skills.add(SHOOTING);
        } else if (action instanceof Action.Carry) {
            skills.add(CARRYING);
        } else if (action instanceof Action.Shadow shadow) {
            skills.add(shadow.way() == Action.Shadow.Way.CHASE ? CHASING : MARKING);
        } else if (action instanceof Action.Hold hold && hold.stance() != Action.Hold.Stance.WAIT && hold.stance() != Action.Hold.Stance.TURN) {
            skills.add(SCREENING);
        } else if (action instanceof Action.Call) {
            skills.add(TALKING);
        }
        if (action instanceof Action.Travel travel && (travel.gait() == Action.Gait.SIDE || travel.gait() == Action.Gait.BACK)) {
            skills.add(FOOTWORK);
        }
    }
}

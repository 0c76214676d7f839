package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;

/**
 * One version of the drill, kept as what differs from the rung it was made from: the bottom rung, made from none,
 * differs from an empty surface.
 *
 * @param from id of the rung this one was made from
 * @param plan how it is practised
 * @param pieces put here, in place of a piece with the same id or after all others
 * @param actions put here, in place of an action with the same id or after all others
 * @param said put here, in place of an instruction with the same id or after all others
 * @param without ids of pieces, actions and instructions of the rung below that are not here
 * @param order ids of the actions in the order in which they stand here, when that is not the order of the rung below followed by
 *     what was put here; empty when it is. What comes below later stands where it stands there
 */
public record Rung(String id, String title, Optional<String> from, Plan plan, List<Piece> pieces, List<Action> actions,
                   List<Instruction> said, List<String> without, List<String> order) {

    public Rung {
        pieces = List.copyOf(pieces);
        actions = List.copyOf(actions);
        said = List.copyOf(said);
        without = List.copyOf(without);
        order = List.copyOf(order);
    }

    /** A rung whose actions stand in the order of the rung below, followed by those that were put here. */
    public Rung(String id, String title, Optional<String> from, Plan plan, List<Piece> pieces, List<Action> actions,
                List<Instruction> said, List<String> without) {
        this(id, title, from, plan, pieces, actions, said, without, List.of());
    }

    /** A rung of which nothing is said but what happens on it. */
    public Rung(String id, String title, Optional<String> from, List<Piece> pieces, List<Action> actions,
                List<Instruction> said, List<String> without) {
        this(id, title, from, Plan.USUAL, pieces, actions, said, without);
    }

    /** One that is the same as the one it is made from. */
    public static Rung from(String from, String id, String title, Plan plan) {
        return new Rung(id, title, Optional.of(from), plan, List.of(), List.of(), List.of(), List.of());
    }

    public Rung titled(String newTitle) {
        return new Rung(id, newTitle, from, plan, pieces, actions, said, without, order);
    }

    public Rung planned(Plan newPlan) {
        return new Rung(id, title, from, newPlan, pieces, actions, said, without, order);
    }

    Rung leavingOut(List<String> newWithout) {
        return new Rung(id, title, from, plan, pieces, actions, said, newWithout, order);
    }

    public boolean isVariation() {
        return from.isPresent() && plan.step() == Plan.Step.VARIATION;
    }

    public static Rung empty(String id, String title) {
        return new Rung(id, title, Optional.empty(), List.of(), List.of(), List.of(), List.of());
    }
}

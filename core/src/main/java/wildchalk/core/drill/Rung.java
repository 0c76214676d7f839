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
 * @param instructions put here, in place of an instruction with the same id or after all others
 * @param below what is otherwise than on the rung below besides
 */
public record Rung(
        String id,
        String title,
        Optional<String> from,
        RungPlan plan,
        List<Piece> pieces,
        List<Action> actions,
        List<Instruction> instructions,
        Below below) {

    public Rung {
        pieces = List.copyOf(pieces);
        actions = List.copyOf(actions);
        instructions = List.copyOf(instructions);
    }

    /**
     * What becomes of what the rung below has.
     *
     * @param without ids of pieces, actions and instructions of the rung below that are not here
     * @param order ids of the actions in the order in which they stand here, when that is not the order of the rung
     *     below followed by what was put here; empty when it is. What comes below later stands where it stands there
     */
    public record Below(List<String> without, List<String> order) {
        public Below {
            without = List.copyOf(without);
            order = List.copyOf(order);
        }
    }

    /** Ids of what the rung below has and this one has not. */
    public List<String> without() {
        return below.without();
    }

    /** Ids of the actions in the order in which they stand here; empty when it is the usual one. */
    public List<String> order() {
        return below.order();
    }

    /** A rung whose actions stand in the order of the rung below, followed by those that were put here. */
    public Rung(
            String id,
            String title,
            Optional<String> from,
            RungPlan plan,
            List<Piece> pieces,
            List<Action> actions,
            List<Instruction> instructions,
            List<String> without) {
        this(id, title, from, plan, pieces, actions, instructions, new Below(without, List.of()));
    }

    /** A rung of which nothing is said but what happens on it. */
    public Rung(
            String id,
            String title,
            Optional<String> from,
            List<Piece> pieces,
            List<Action> actions,
            List<Instruction> instructions,
            List<String> without) {
        this(id, title, from, RungPlan.USUAL, pieces, actions, instructions, without);
    }

    /** One that is the same as the one it is made from. */
    public static Rung from(String from, String id, String title, RungPlan plan) {
        return new Rung(id, title, Optional.of(from), plan, List.of(), List.of(), List.of(), List.of());
    }

    /** The same called otherwise. */
    public Rung titled(String newTitle) {
        return new Rung(id, newTitle, from, plan, pieces, actions, instructions, below);
    }

    /** The same, practised otherwise. */
    public Rung planned(RungPlan newPlan) {
        return new Rung(id, title, from, newPlan, pieces, actions, instructions, below);
    }

    Rung leavingOut(List<String> newWithout) {
        return new Rung(id, title, from, plan, pieces, actions, instructions, new Below(newWithout, below.order()));
    }

    /** Whether it stands beside the ladder rather than in it. */
    public boolean isVariation() {
        return from.isPresent() && plan.step() == RungPlan.Step.VARIATION;
    }

    /** One on which nothing is. */
    public static Rung empty(String id, String title) {
        return new Rung(id, title, Optional.empty(), List.of(), List.of(), List.of(), List.of());
    }
}

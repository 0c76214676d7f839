package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;

/**
 * One version of the drill, kept as what differs from the rung it was made from: the bottom rung, made from none,
 * differs from an empty surface.
 *
 * @param from id of the rung this one was made from
 * @param pieces put here, in place of a piece with the same id or after all others
 * @param actions put here, in place of an action with the same id or after all others
 * @param said put here, in place of an instruction with the same id or after all others
 * @param without ids of pieces, actions and instructions of the rung below that are not here
 */
public record Rung(String id, String title, Optional<String> from, List<Piece> pieces, List<Action> actions,
                   List<Instruction> said, List<String> without) {

    public Rung {
        pieces = List.copyOf(pieces);
        actions = List.copyOf(actions);
        said = List.copyOf(said);
        without = List.copyOf(without);
    }

    public static Rung empty(String id, String title) {
        return new Rung(id, title, Optional.empty(), List.of(), List.of(), List.of(), List.of());
    }
}

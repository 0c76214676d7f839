package wildchalk.core.edit;

import java.util.List;
import wildchalk.core.drill.Drill;

/**
 * A drill in which nothing has the id of something else.
 *
 * <p>Programs before format 7 gave ids per rung. What came on an upper rung and what came on a lower one later could
 * then have the same id; the ladder took them for one, and the lower one was not seen above. Two things of one id are
 * kept apart when
 *
 * <ul>
 *   <li>they are of different kinds: a person and a cone, a hoop and a cone, a piece and an action, a limit and a read;
 *   <li>two pieces of one kind look different (label, team, colour, words, number) and stand more than half a metre
 *       apart;
 *   <li>two actions are done by different people and are of different kinds, or end elsewhere;
 *   <li>two reads are decided by different people and share no action; two freezes ask something else at another
 *       moment.
 * </ul>
 *
 * Any others are one thing of which the upper rung has a version of its own: a player who was moved and one who was put
 * down elsewhere under the same label cannot be told apart. What a rung leaves out is what its parent shows.
 *
 * @param words what was kept apart, in a coach's words, a sentence each; empty when nothing was
 */
public record Untangled(Drill drill, List<String> words) {

    public Untangled {
        words = List.copyOf(words);
    }

    /** The drill with what had the id of something else under an id of its own; the same drill where nothing had. */
    public static Untangled of(Drill drill) {
        return new Untangling(drill).untangled();
    }
}

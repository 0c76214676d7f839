package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;

/**
 * How far a change of one rung reaches.
 *
 * @param followed rungs that have changed with it, lowest first
 * @param kept rungs that have a version of their own of something that was changed, and keep it
 */
public record Reach(List<Rung> followed, List<Rung> kept) {

    /** @param rung id of the rung that was changed */
    public static Reach of(Drill before, Drill after, String rung) {
        return of(Ladder.all(before), Ladder.all(after), after, rung);
    }

    /**
     * The same, where all rungs are built already.
     *
     * @param was every rung before, by id
     * @param is every rung after
     */
    public static Reach of(Map<String, Stage> was, Map<String, Stage> is, Drill after, String rung) {
        Set<String> changed = changed(was.get(rung), is.get(rung));
        List<Rung> followed = new ArrayList<>();
        List<Rung> kept = new ArrayList<>();
        for (Rung other : after.ladder()) {
            if (other.id().equals(rung) || !was.containsKey(other.id())) {
                continue;
            }
            // What it keeps comes after all others from then on, which nobody sees.
            if (!changed(was.get(other.id()), is.get(other.id())).isEmpty()) {
                followed.add(other);
            }
            boolean follows = Ladder.origins(after, other).stream().anyMatch(r -> r.id().equals(rung));
            if (follows && own(other).stream().anyMatch(changed::contains)) {
                kept.add(other);
            }
        }
        return new Reach(List.copyOf(followed), List.copyOf(kept));
    }

    private static Set<String> own(Rung rung) {
        Set<String> ids = new HashSet<>(rung.without());
        rung.pieces().forEach(p -> ids.add(p.id()));
        rung.actions().forEach(a -> ids.add(a.id()));
        rung.instructions().forEach(i -> ids.add(i.id()));
        return ids;
    }

    private static Set<String> changed(Stage before, Stage after) {
        Set<String> ids = new HashSet<>();
        changed(before.pieces(), after.pieces(), Piece::id, ids);
        changed(before.actions(), after.actions(), Action::id, ids);
        changed(before.instructions(), after.instructions(), Instruction::id, ids);
        return ids;
    }

    private static <T> void changed(List<T> before, List<T> after, Function<T, String> id, Set<String> into) {
        Map<String, T> was = new HashMap<>();
        before.forEach(t -> was.put(id.apply(t), t));
        after.stream().filter(t -> !Objects.equals(was.remove(id.apply(t)), t)).forEach(t -> into.add(id.apply(t)));
        into.addAll(was.keySet());
    }
}

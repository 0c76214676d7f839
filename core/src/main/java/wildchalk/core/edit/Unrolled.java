package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** A stage with what repeats written out, as it is played; what is drawn and told stays what was drawn. */
public final class Unrolled {

    /** Stands between the id of an action and which time it is; no id that is given has it. */
    private static final String TIME = "~";
    /** Whatever goes round nearer to its middle than this does not turn, metres. */
    private static final double MIDDLE = 0.5;

    private final Stage stage;
    private final Rotation.Repeats repeats;
    private final List<Action> stretch;

    private Unrolled(Stage stage, Rotation.Repeats repeats) {
        this.stage = stage;
        this.repeats = repeats;
        this.stretch = stage.actions().stream()
                .filter(a -> repeats.actions().contains(a.id()))
                .toList();
    }

    /** The same stage where nothing repeats. */
    public static Stage of(Stage stage) {
        Stage unrolled = stage;
        for (Rotation.Repeats repeats : stage.instructions(Rotation.Repeats.class)) {
            unrolled = new Unrolled(stage, repeats).onto(unrolled);
        }
        return unrolled;
    }

    private Stage onto(Stage before) {
        boolean whole = repeats.round().stream().allMatch(p -> stage.piece(p).isPresent());
        if (stretch.isEmpty() || !whole) {
            return before;
        }
        List<Action> actions = new ArrayList<>(before.actions());
        for (int k = 1; k < repeats.times(); k++) {
            actions.addAll(time(k));
        }
        return before.withActions(actions);
    }

    /** All of it the {@code k}th time after the first. */
    private List<Action> time(int k) {
        Map<String, String> ids = new HashMap<>();
        stretch.forEach(a -> ids.put(a.id(), a.id() + TIME + k));
        List<String> round = repeats.round();
        for (int i = 0; i < round.size(); i++) {
            ids.put(round.get(i), round.get((i + k) % round.size()));
        }
        Transfer moved = new Transfer(turned(k), ids, name -> true);
        Set<String> own = new HashSet<>(repeats.actions());
        List<Action> again = new ArrayList<>();
        for (Action action : stretch) {
            Action copy = moved.action(action);
            boolean within = action != stretch.get(0)
                    && action.cue()
                            .trigger()
                            .of()
                            .map(own::contains)
                            .orElse(action.cue().trigger().followsOwn());
            again.add(
                    within
                            ? copy
                            : copy.withCue(
                                    new Cue(afterLast(k - 1), action.cue().delay())));
        }
        return again;
    }

    /** The end of the time before: its last action is over, or the ball is where it sends it. */
    private Cue.Trigger afterLast(int k) {
        Action last = stretch.get(stretch.size() - 1);
        String id = k == 0 ? last.id() : last.id() + TIME + k;
        Optional<Piece.Person> receiver = last.receiver().flatMap(stage::person);
        return receiver.isPresent() ? new Cue.Received(id) : new Cue.After(id);
    }

    /** By how much places turn round the middle of what it goes round. */
    private Placement turned(int k) {
        List<Vec> places = repeats.round().stream()
                .map(p -> stage.place(stage.piece(p).orElseThrow()))
                .toList();
        Vec middle = places.stream().reduce(Vec.ZERO, Vec::plus).times(1.0 / places.size());
        Vec first = places.get(0).minus(middle);
        Vec next = places.get(1 % places.size()).minus(middle);
        boolean turns = first.length() > MIDDLE && next.length() > MIDDLE;
        double by = turns ? Math.atan2(first.cross(next), first.dot(next)) : 0;
        return Placement.turned(middle, by * k, Vec.ZERO);
    }
}

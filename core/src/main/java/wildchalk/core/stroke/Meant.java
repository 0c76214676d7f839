package wildchalk.core.stroke;

import java.util.List;
import wildchalk.core.drill.Action;

/** What a stroke means: most mean actions, some turn somebody or take something away. */
public sealed interface Meant {

    /** Actions that are chalked, in order. */
    record Chalked(List<Action> actions) implements Meant {
        public Chalked {
            actions = List.copyOf(actions);
        }
    }

    /**
     * Somebody faces another way before anything happens.
     *
     * @param who id of that person
     * @param facing radians
     */
    record Turned(String who, double facing) implements Meant {}

    /** Something is taken away; its id. */
    record Away(String id) implements Meant {}
}

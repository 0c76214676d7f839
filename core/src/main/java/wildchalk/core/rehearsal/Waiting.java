package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;

/** Which actions wait for which moment of which other. */
final class Waiting {

    private final List<Action> whistle = new ArrayList<>();
    private final Map<String, List<Action>> start = new HashMap<>();
    private final Map<String, List<Action>> arrival = new HashMap<>();
    private final Map<String, List<Action>> end = new HashMap<>();

    Waiting(Collection<Action> actions) {
        Map<String, String> lastOf = new HashMap<>();
        for (Action action : actions) {
            String before = lastOf.put(action.who(), action.id());
            Cue.Trigger trigger = action.cue().trigger();
            if (trigger instanceof Cue.With w) {
                list(start, w.action()).add(action);
            } else if (trigger instanceof Cue.Received r) {
                list(arrival, r.action()).add(action);
            } else if (trigger instanceof Cue.After a) {
                list(end, a.action()).add(action);
            } else if (trigger instanceof Cue.Next && before != null) {
                list(end, before).add(action);
            } else {
                whistle.add(action);
            }
        }
    }

    List<Action> onWhistle() {
        return whistle;
    }

    List<Action> onStart(String id) {
        return start.getOrDefault(id, List.of());
    }

    List<Action> onArrival(String id) {
        return arrival.getOrDefault(id, List.of());
    }

    List<Action> onEnd(String id) {
        return end.getOrDefault(id, List.of());
    }

    private static List<Action> list(Map<String, List<Action>> map, String id) {
        return map.computeIfAbsent(id, key -> new ArrayList<>());
    }
}

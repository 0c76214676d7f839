package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wildchalk.core.drill.Action;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Beat;

/** Numbers the moments that set actions off. */
final class Beats {

    private static final double ONE_MOMENT = 0.0005;

    private Beats() {}

    static List<Beat> of(Collection<Action> actions, Map<String, ActionTimes> times) {
        TreeMap<Double, List<String>> moments = new TreeMap<>();
        for (Action action : actions) {
            ActionTimes t = times.get(action.id());
            if (t != null) {
                // Who does not wait for their moment stands where they begin, before it.
                double at = Math.min(t.cued(), t.start());
                Double same = moments.floorKey(at + ONE_MOMENT);
                boolean known = same != null && same >= at - ONE_MOMENT;
                moments.computeIfAbsent(known ? same : at, k -> new ArrayList<>())
                        .add(action.id());
            }
        }
        List<Beat> beats = new ArrayList<>();
        moments.forEach((t, ids) -> beats.add(new Beat(beats.size() + 1, t, ids)));
        return beats;
    }
}

package wildchalk.core.timeline;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wildchalk.core.drill.Action;

/**
 * The actions that one moment sets off.
 *
 * @param n from 1, in order of time
 * @param t seconds after the whistle
 * @param actions ids, in the stage's order
 */
public record Beat(int n, double t, List<String> actions) {

    private static final double ONE_MOMENT = 0.0005;

    public Beat {
        actions = List.copyOf(actions);
    }

    /** The moments that set actions off, numbered: those that came to start, by their times. */
    public static List<Beat> of(Collection<Action> actions, Map<String, ActionTimes> times) {
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

package wildchalk.core.timeline;

import java.util.List;

/**
 * The actions that one moment sets off.
 *
 * @param n from 1, in order of time
 * @param t seconds after the whistle
 * @param actions ids, in the stage's order
 */
public record Beat(int n, double t, List<String> actions) {

    public Beat {
        actions = List.copyOf(actions);
    }
}

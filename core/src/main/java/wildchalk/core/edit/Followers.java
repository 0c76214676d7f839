package wildchalk.core.edit;

import java.util.Map;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.surface.Surface;

/** Rungs that follow a change of another one. */
final class Followers {

    private Followers() {}

    /**
     * The drill after a change of one rung, with every other rung sound: one that names what the change takes away, or
     * that could not stand otherwise, stays as it was.
     *
     * @param changed id of the rung that was changed
     */
    static Drill kept(Drill was, Drill after, String changed) {
        if (after.ladder().size() < 2) {
            return after;
        }
        Surface surface = after.surface();
        Map<String, Stage> before = Ladder.all(was);
        Map<String, Stage> now = Ladder.all(after);
        Drill kept = after;
        for (String follower : now.keySet().toArray(new String[0])) {
            Stage old = before.get(follower);
            Stage changedTo = now.get(follower);
            boolean lost =
                    !follower.equals(changed) && !changedTo.equals(old) && !Soundness.isSound(kept, changedTo, surface);
            if (lost && Soundness.isSound(was, old, surface)) {
                kept = Ladder.put(kept, old);
                now = Ladder.all(kept);
            }
        }
        return kept;
    }
}

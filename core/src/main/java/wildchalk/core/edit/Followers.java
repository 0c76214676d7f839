package wildchalk.core.edit;

import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Soundness;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;

/** Rungs that follow a change of another one. */
final class Followers {

    private Followers() {
    }

    /**
     * The drill after a change of one rung, with every other rung sound: one that names what the change takes away, or that
     * could not stand otherwise, stays as it was.
     *
     * @param changed id of the rung that was changed
     */
    static Drill kept(Drill before, Drill after, String changed) {
        if (after.ladder().size() < 2) {
            return after;
        }
        Surface surface = after.surface();
        Drill kept = after;
        for (Stage follower : Ladder.buildAll(after)) {
            Stage was = Ladder.build(before, follower.id());
            Stage now = Ladder.build(kept, follower.id());
            boolean lost = !follower.id().equals(changed) && !now.equals(was) && !Soundness.isSound(kept, now, surface);
            kept = lost && Soundness.isSound(before, was, surface) ? Ladder.put(kept, was) : kept;
        }
        return kept;
    }
}

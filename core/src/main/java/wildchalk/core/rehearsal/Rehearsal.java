package wildchalk.core.rehearsal;

import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;

/** Works a whole stage out: cues become times, times become positions. */
public final class Rehearsal {

    private Rehearsal() {
    }

    /** The timeline of a stage with the surface's usual speeds for those who are on it. Never fails: what cannot happen is a problem in it. */
    public static Timeline of(Stage stage, Surface surface) {
        return of(stage, surface, Speeds.of(surface, stage.effort()));
    }

    public static Timeline of(Stage stage, Surface surface, Speeds speeds) {
        return new Simulation(stage, surface, speeds).run();
    }
}

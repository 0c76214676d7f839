package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

/** Whoever is drawn under another peeps out from under them, and is elsewhere drawn where they are. */
class OnPictureTest {

    private static final double UNIT = 1;

    private static OnPicture of(Stage stage) {
        return new OnPicture(stage.people(), Rehearsal.of(stage, Stages.TURF), Drift.NONE, UNIT);
    }

    @Test
    void whoStandsUnderAnotherPeepsOutAndWhoIsOnTopStaysWhereTheyAre() {
        for (double apart : new double[] {0, 0.2, 0.7, 1.1}) {
            OnPicture drawn = of(new Stages()
                    .player("D", 0, apart, Bib.SKY)
                    .player("7", 0, 0)
                    .build());
            Vec under = drawn.pose("D", 0).at();
            assertEquals(0, drawn.pose("7", 0).at().distance(Vec.ZERO), 1e-9);
            assertTrue(under.distance(Vec.ZERO) >= 1.5 - 1e-9, apart + " m apart: " + under);
        }
    }

    @Test
    void whoIsHiddenByNobodyIsDrawnWhereTheyAre() {
        OnPicture drawn =
                of(new Stages().player("D", 0, 1.55, Bib.SKY).player("7", 0, 0).build());
        assertEquals(0, drawn.pose("D", 0).at().distance(new Vec(0, 1.55)), 1e-9);
    }

    @Test
    void theBallIsInTheHandsOfWhoIsDrawnAside() {
        OnPicture drawn = of(new Stages()
                .player("D", 0, 0.3, Bib.SKY)
                .player("7", 0, 0)
                .ball("b", "D")
                .build());
        assertEquals(
                1.75, drawn.ball("b", 0).distance(drawn.pose("D", 0).at()), 1e-9, "in front of where they are drawn");
    }

    /** 7 runs past D, whom one sees go aside and come back without a jump. */
    @Test
    void whoIsRunPastGoesAsideWithoutAJump() {
        Stage stage = new Stages()
                .player("D", 5, 0.4, Bib.SKY)
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 12, 0)
                .build();
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        OnPicture drawn = new OnPicture(stage.people(), t, Drift.NONE, UNIT);
        Vec last = drawn.pose("D", 0).at();
        double most = 0;
        double off = 0;
        for (double s = 0; s < t.duration(); s += 1.0 / 60) {
            Vec at = drawn.pose("D", s).at();
            most = Math.max(most, at.distance(last));
            off = Math.max(off, at.distance(t.at("D", s)));
            last = at;
        }
        assertTrue(off > 0.7, "aside by " + off);
        assertTrue(most < 0.4, "a step of " + most + " m in one frame");
        assertEquals(0, last.distance(new Vec(5, 0.4)), 1e-9, "and back");
    }
}

package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

/** The picture of live play: slow, within its area, and over where it began. */
class DriftTest {

    private static final Stage STAGE = new Stages()
            .player("7", 1, 1)
            .player("8", 6, 3)
            .player("4", 3.2, -2.6, Bib.SKY)
            .piece(new Piece.Zone("z", new Vec(4, 0), Outline.rectangle(10, 8), "", Colour.BLUE))
            .piece(new Piece.Coach("c", new Vec(0, 0), 0, "C"))
            .ball("b", "7")
            .action(new PlayOn(
                    "a1",
                    "7",
                    List.of(),
                    Optional.of("z"),
                    PlayOn.Until.seconds(12),
                    "",
                    Cue.whistle().delayed(1)))
            .build();

    @Test
    void tokensDriftSlowlyWithinTheAreaAndEndWhereTheyBegan() {
        Timeline t = Rehearsal.of(STAGE, Stages.TURF);
        Drift drift = new Drift(STAGE, Stages.TURF, t);
        double farthest = 0;
        for (String who : List.of("7", "8", "4")) {
            assertEquals(Vec.ZERO, drift.of(who, 0.9));
            assertEquals(0, drift.of(who, 13).length(), 1e-9);
            for (double at = 1; at < 13; at += 0.1) {
                Vec place = t.at(who, at).plus(drift.of(who, at));
                assertTrue(place.x() >= -1 && place.x() <= 9 && Math.abs(place.y()) <= 4, who + " " + place);
                double speed = drift.of(who, at + 0.05).minus(drift.of(who, at)).length() / 0.05;
                assertTrue(speed < 2.5, who + " drifts with " + speed + " m/s");
                farthest = Math.max(farthest, drift.of(who, at).length());
            }
        }
        assertTrue(farthest > 0.5, "something is seen to go on");
        assertEquals(Vec.ZERO, drift.of("c", 6), "a coach takes no part");
    }
}

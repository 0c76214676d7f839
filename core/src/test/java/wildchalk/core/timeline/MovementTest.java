package wildchalk.core.timeline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.motion.Speeds;

class MovementTest {

    private static final Speeds TURF = Speeds.of(Stages.TURF);

    private final Timeline timeline = new Stages()
            .player("7", 0, 0)
            .player("9", 15, 3)
            .player("4", 0, 20)
            .sprint("a1", "7", Cue.whistle(), 30, 0)
            .rehearse();

    @Test
    void distanceIsTheLengthOfTheLineAndTheTopSpeedIsBelowTheGaits() {
        Movement m = Movement.of(timeline, "7");
        assertEquals(30, m.distance(), 0.05);
        assertTrue(m.topSpeed() < TURF.top().get(Gait.SPRINT));
        // Nine tenths of the top speed are reached after 2.3 τ, well before 30 m.
        assertTrue(m.topSpeed() > 0.9 * TURF.top().get(Gait.SPRINT), m.topSpeed() + " m/s");
        assertEquals(timeline.duration(), m.moving(), 0.3);
    }

    @Test
    void whoStandsGoesNowhere() {
        assertEquals(new Movement(0, 0, 0), Movement.of(timeline, "9"));
    }

    @Test
    void nearestIsWhereTheLinePassesThem() {
        Movement.Nearest n = Movement.nearest(timeline, "7", "9");
        assertEquals(3, n.metres(), 0.02, "9 stands 3 m beside the line");
        assertEquals(15, timeline.pose("7", n.t()).at().x(), 0.3);
        assertEquals(Math.hypot(15, 3), n.atFirst(), 1e-9);
        assertEquals(Math.hypot(15, 3), n.atLast(), 0.05);
    }

    @Test
    void whoOnlyDrawsApartIsNearestAtFirst() {
        Movement.Nearest n = Movement.nearest(timeline, "4", "7");
        assertEquals(0, n.t(), 1e-9);
        assertEquals(20, n.metres(), 1e-9);
    }

    @Test
    void stageInWhichNothingHappensHasNoMovement() {
        Timeline still = new Stages().player("7", 0, 0).player("9", 3, 4).rehearse();
        assertEquals(new Movement(0, 0, 0), Movement.of(still, "7"));
        assertEquals(5, Movement.nearest(still, "7", "9").metres(), 1e-9);
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.BallLaw;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.Lead;

class BallsTest {

    @ParameterizedTest
    @CsvSource({"15, 0, 30, 2.0", "10, 1, 18, 2.0", "10, 2, 16, 2.0"})
    void timeIsWhatFrictionSays(double speed, double slowing, double metres, double seconds) {
        // 10·2 − 1·2²/2 = 18; 10·2 − 2·2²/2 = 16.
        BallLaw law = BallLaw.even(speed, slowing);
        assertEquals(seconds, law.time(metres), 1e-9);
        assertEquals(metres, law.gone(seconds, metres), 1e-9);
        assertEquals(0, law.gone(0, metres));
    }

    @Test
    void longPassIsPlayedHarderSoThatItArrives() {
        BallLaw law = BallLaw.even(5, 1);
        // 5²/(2·1) = 12.5 m would be the end of it; 50 m needs √(2² + 2·1·50).
        assertEquals(Math.sqrt(104), law.launch(50), 1e-9);
        assertEquals(5, law.launch(8), 1e-9);
        assertTrue(Double.isFinite(law.time(500)));
    }

    @Test
    void standingReceiverIsMetAfterTheTimeOfTheDistance() {
        BallLaw law = BallLaw.even(10, 0);
        assertEquals(3 + 2, Lead.meeting(Vec.ZERO, 3, t -> new Vec(20, 0), law), 1e-5);
    }

    @ParameterizedTest
    @CsvSource({"20, 5, 4.0", "20, -5, 1.33333333", "10, 0, 1.0"})
    void runnerOnTheLineOfThePassIsMetAtDistanceOverTheDifferenceOfSpeeds(double away, double speed, double seconds) {
        // T = d / (ball − runner)
        BallLaw law = BallLaw.even(10, 0);
        assertEquals(seconds, Lead.meeting(Vec.ZERO, 0, t -> new Vec(away + speed * t, 0), law), 1e-4);
    }

    @Test
    void runnerAcrossThePassIsMetWhereTheTriangleCloses() {
        // (10·T)² = 12² + (6·T)² gives T = 12/8.
        BallLaw law = BallLaw.even(10, 0);
        assertEquals(1.5, Lead.meeting(Vec.ZERO, 0, t -> new Vec(12, 6 * t), law), 1e-5);
    }

    @Test
    void whoOutrunsTheBallIsGivenUpOnAndNothingHangs() {
        BallLaw law = BallLaw.even(5, 0);
        double met = Lead.meeting(Vec.ZERO, 0, t -> new Vec(10 + 8 * t, 0), law);
        assertTrue(Double.isFinite(met) && met <= 61);
    }

    @Test
    void receiverWhoStandsOnTheBallHasItAtOnce() {
        assertEquals(2, Lead.meeting(new Vec(3, 3), 2, t -> new Vec(3, 3), BallLaw.even(10, 0)), 1e-6);
    }

    @Test
    void ballInFlightIsOnTheLineAndNeverBeyondItsEnd() {
        Flight flight = new Flight("a1", List.of(Vec.ZERO, new Vec(18, 0)), 1, 3, BallLaw.even(10, 1));
        assertEquals(Vec.ZERO, flight.at(0.5));
        assertEquals(10 * 1 - 0.5, flight.at(2).x(), 1e-9);
        assertEquals(new Vec(18, 0), flight.at(3));
        assertEquals(new Vec(18, 0), flight.at(99));
    }
}

package wildchalk.handout.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A run told in few points is the run. */
class TrackTest {

    private static double[] bend(double t) {
        return new double[] {500 + 300 * Math.cos(t), 400 + 300 * Math.sin(t), Math.toDegrees(t * 2)};
    }

    /** Where the points say it is. */
    private static double[] at(List<Integer> track, double t) {
        double[] before = {0, 0, 0, 0};
        double[] now = {0, 0, 0, 0};
        for (int i = 0; i < track.size(); i += 4) {
            before = now.clone();
            for (int k = 0; k < 4; k++) {
                now[k] += track.get(i + k);
            }
            if (now[0] / 100 >= t) {
                break;
            }
        }
        double share = now[0] > before[0] ? Math.min(1, (t * 100 - before[0]) / (now[0] - before[0])) : 1;
        return new double[] {
            (before[1] + (now[1] - before[1]) * share) / 10,
            (before[2] + (now[2] - before[2]) * share) / 10,
            before[3] + (now[3] - before[3]) * share
        };
    }

    @Test
    void everyMomentIsWhereItWasInFewPoints() {
        List<Integer> track = Track.of(6, TrackTest::bend);
        assertTrue(track.size() / 4 < 80, track.size() / 4 + " points for 300 looked at");
        for (double t = 0; t <= 6; t += 0.1) {
            double[] said = at(track, t);
            double[] is = bend(t);
            assertEquals(0, Math.hypot(said[0] - is[0], said[1] - is[1]), 1.0, "at " + t);
            assertEquals(0, Math.IEEEremainder(said[2] - is[2], 360), 4, "turned at " + t);
        }
    }

    @Test
    void whoStandsIsTwoPoints() {
        assertEquals(List.of(0, 10, 20, 500, 0, 0), Track.of(5, t -> new double[] {1, 2}));
    }

    @Test
    void turningGoesTheShortWayRound() {
        List<Integer> track = Track.of(1, t -> new double[] {0, 0, t < 0.5 ? 179 : -179});
        for (int i = 7; i < track.size(); i += 4) {
            assertTrue(Math.abs(track.get(i)) < 10, track.toString());
        }
    }
}

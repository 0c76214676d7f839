package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.Stages;
import wildchalk.core.geometry.Cornering;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.RouteBuilder;
import wildchalk.core.geometry.Vec;

class SpeedProfileTest {

    /** Rounded with half a metre, whatever the turn. */
    private static final Cornering CUT =
            new Cornering(1e6, 0.5, 1, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, false, false);

    private static final Speeds TURF = Speeds.of(Stages.TURF);
    private static final double TOP = 6;

    private static Route straight(double metres) {
        return new RouteBuilder(Vec.ZERO, CUT)
                .straight(List.of(new Vec(metres, 0)))
                .build();
    }

    private static SpeedProfile profile(Route route, double start, boolean stops) {
        double[] tops = new double[route.sections()];
        Arrays.fill(tops, TOP);
        return new SpeedProfile(route, tops, start, stops, TURF);
    }

    /** Points on a circle, as close as a smooth line through them needs to be round. */
    private static List<Vec> circle(double radius) {
        List<Vec> points = new ArrayList<>();
        for (int i = 1; i <= 24; i++) {
            points.add(new Vec(0, radius).plus(Vec.polar(radius, -Math.PI / 2 + i * Math.PI / 12)));
        }
        return points;
    }

    @Test
    void speedOnAStraightSettlesExponentially() {
        // v(t) = top·(1 − e^(−t/settle))
        SpeedProfile p = profile(straight(60), 0, false);
        for (double t : new double[] {0.5, 1, 2, 4}) {
            assertEquals(TOP * (1 - Math.exp(-t / TURF.settle())), p.speed(t), 0.02);
        }
    }

    @Test
    void runningStartIsKept() {
        // From top speed a straight takes length / top.
        assertEquals(30 / TOP, profile(straight(30), TOP, false).duration(), 1e-6);
    }

    @Test
    void fasterThanTheGaitSettlesDownToIt() {
        SpeedProfile p = profile(straight(40), 9, false);
        assertEquals(9, p.speed(0), 1e-9);
        assertEquals(TOP, p.speed(5), 0.1);
    }

    @Test
    void brakingToAStopTakesVSquaredOverTwiceTheBrake() {
        SpeedProfile p = profile(straight(40), TOP, true);
        double room = TOP * TOP / (2 * TURF.brake());
        assertEquals(TOP, p.speed(p.timeAt(40 - room - 0.5)), 0.05);
        assertEquals(0, p.endSpeed(), 1e-6);
        // The last metre of braking takes √(2·1/brake).
        assertEquals(Math.sqrt(2 / TURF.brake()), p.duration() - p.timeAt(39), 0.01);
    }

    @ParameterizedTest
    @ValueSource(doubles = {2, 3, 4})
    void bendIsTakenAtTheRootOfGripTimesRadius(double radius) {
        Route route = new RouteBuilder(Vec.ZERO, CUT).smooth(circle(radius)).build();
        SpeedProfile p = profile(route, 0, false);
        double limit = Math.sqrt(TURF.grip() * radius);
        double wanted = Math.min(limit, TOP);
        assertEquals(wanted, p.speed(p.duration() * 0.7), wanted * 0.06);
    }

    @Test
    void goneAndTimeAtAreEachOthersOpposite() {
        SpeedProfile p = profile(straight(25), 1, true);
        for (double metres = 0.5; metres < 25; metres += 1.7) {
            assertEquals(metres, p.gone(p.timeAt(metres)), 1e-6);
        }
        assertEquals(0, p.gone(-1));
        assertEquals(25, p.gone(p.duration() + 1));
    }

    @Test
    void movingForwardsOnlyAndNeverFasterThanAllowed() {
        Route route = new RouteBuilder(Vec.ZERO, CUT)
                .straight(List.of(new Vec(8, 0), new Vec(8, 6), new Vec(2, 6), new Vec(9, 7)))
                .build();
        SpeedProfile p = profile(route, 0, true);
        double before = 0;
        for (double t = 0; t < p.duration(); t += 0.01) {
            double now = p.gone(t);
            assertTrue(now >= before - 1e-9, "backwards at " + t);
            assertTrue((now - before) / 0.01 <= TOP + 0.05, "too fast at " + t);
            before = now;
        }
    }

    @Test
    void routeWithoutLengthTakesNoTime() {
        SpeedProfile p = profile(straight(0), 0, true);
        assertEquals(0, p.duration());
        assertEquals(0, p.gone(1));
    }
}

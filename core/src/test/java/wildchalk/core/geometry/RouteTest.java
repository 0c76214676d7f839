package wildchalk.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class RouteTest {

    /** Rounded with half a metre, whatever the turn. */
    private static final Cornering CUT =
            new Cornering(1e6, 0.5, 1, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, false, false);

    @Test
    void straightRouteIsAsLongAsItsSides() {
        Route route = new RouteBuilder(new Vec(1, 1), CUT)
                .straight(List.of(new Vec(4, 5)))
                .build();
        assertEquals(5, route.length(), 1e-12);
        assertEquals(new Vec(2.5, 3), route.at(2.5));
        assertEquals(Math.atan2(4, 3), route.heading(1), 1e-12);
    }

    @Test
    void squareCornerIsAQuarterCircleThatTouchesBothSides() {
        Route route = new RouteBuilder(Vec.ZERO, CUT)
                .straight(List.of(new Vec(10, 0), new Vec(10, 10)))
                .build();
        // 10 − r on both sides and a quarter of the circle between; the arc is laid in chords.
        assertEquals(20 - 2 * 0.5 + Math.PI / 2 * 0.5, route.length(), 2e-3);
        double sharpest = 0;
        for (int i = 0; i < route.nodes(); i++) {
            sharpest = Math.max(sharpest, route.bendAt(i));
        }
        assertEquals(2, sharpest, 1e-9);
        assertTrue(route.distanceTo(new Vec(10, 0)) > 0.2);
    }

    @Test
    void sectionsEndWhereTheyWereLaidTo() {
        Route route = new RouteBuilder(Vec.ZERO, CUT)
                .straight(List.of(new Vec(20, 0)))
                .straight(List.of(new Vec(40, 0)))
                .build();
        assertEquals(20, route.sectionEnd(0), 1e-9);
        assertEquals(40, route.sectionEnd(1), 1e-9);
    }

    @Test
    void smoothRouteGoesThroughEverySpotAndNeverTurnsOnAPoint() {
        List<Vec> spots = List.of(new Vec(5, 3), new Vec(10, -2), new Vec(16, 1));
        Route route = new RouteBuilder(Vec.ZERO, CUT).smooth(spots).build();
        spots.forEach(p -> assertEquals(0, route.distanceTo(p), 1e-6));
        for (double s = 0.1; s < route.length(); s += 0.1) {
            double turn = Math.abs(Math.IEEEremainder(route.heading(s) - route.heading(s - 0.1), 2 * Math.PI));
            assertTrue(turn < 0.25, "turns " + turn + " rad within 10 cm at " + s);
        }
    }

    @Test
    void smoothAfterStraightIsRoundedToo() {
        Route route = new RouteBuilder(Vec.ZERO, CUT)
                .straight(List.of(new Vec(10, 0)))
                .smooth(List.of(new Vec(12, 5), new Vec(9, 9)))
                .build();
        for (double s = 0.1; s < route.length(); s += 0.1) {
            double turn = Math.abs(Math.IEEEremainder(route.heading(s) - route.heading(s - 0.1), 2 * Math.PI));
            assertTrue(turn < 0.6, "turns " + turn + " rad within 10 cm at " + s);
        }
        assertTrue(route.sectionEnd(0) > 9 && route.sectionEnd(0) < 10.5);
    }

    @Test
    void routeToNowhereHasNoLengthAndNoTrouble() {
        Route route = new RouteBuilder(new Vec(3, 4), CUT)
                .straight(List.of(new Vec(3, 4)))
                .build();
        assertEquals(0, route.length());
        assertEquals(new Vec(3, 4), route.at(1));
    }

    @Test
    void turningBackOnTheSpotIsAllowed() {
        Route route = new RouteBuilder(Vec.ZERO, CUT)
                .straight(List.of(new Vec(5, 0), Vec.ZERO))
                .build();
        assertEquals(10, route.length(), 0.1);
        assertEquals(Vec.ZERO, route.end());
    }

    @Test
    void circleOfCubicsStaysOnTheCircle() {
        Curve circle = Curve.circle(new Vec(2, 1), 14.63);
        for (Curve.Segment segment : circle.segments()) {
            if (segment instanceof Curve.CubicTo c) {
                assertEquals(14.63, c.to().distance(new Vec(2, 1)), 1e-9);
            }
        }
    }
}

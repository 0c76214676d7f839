package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.geometry.Vec;

class BallTrackTest {

    private static final Vec HERE = new Vec(1, 1);
    private static final Vec THERE = new Vec(11, 1);

    private final BallTrack track = new BallTrack();

    private static Flight flight(double start, double end) {
        return new Flight("a1", List.of(HERE, THERE), start, end, BallLaw.even(10 / (end - start), 0));
    }

    private Vec at(double time) {
        return track.at(time, who -> new Vec(100, 0));
    }

    @Test
    void lifeOfABallFromGroundToHandToAirToGround() {
        track.liesFrom(Double.NEGATIVE_INFINITY, HERE);
        track.heldFrom(2, "7");
        track.fliesFrom(5, flight(5, 6));
        track.liesFrom(6, THERE);
        assertEquals(HERE, at(-1));
        assertEquals(new Vec(100, 0), at(3));
        assertEquals(6, at(5.5).x(), 1e-9);
        assertEquals(THERE, at(7));
        assertEquals(Optional.of("7"), track.holder(4));
        assertEquals(Optional.of("a1"), track.sentBy(5.5));
        assertEquals(Optional.empty(), track.sentBy(6.5));
        assertEquals(List.of(new Possession("7", 2, 5)), track.possessions(10));
        assertEquals(2, track.firstHeld());
    }

    @Test
    void whoeverTakesItOnItsWayOutMakesTheRestOfItsWayVoid() {
        track.heldFrom(Double.NEGATIVE_INFINITY, "7");
        track.fliesFrom(1, flight(1, 3));
        track.liesFrom(3, THERE);
        track.heldFrom(2, "9");
        assertEquals(Optional.of("9"), track.holder(4), "it does not lie there any more");
        assertEquals(List.of(new Possession("7", 0, 1), new Possession("9", 2, 10)), track.possessions(10));
    }

    @Test
    void ballThatIsAimedAnewHasOneWay() {
        track.heldFrom(Double.NEGATIVE_INFINITY, "7");
        track.fliesFrom(1, flight(1, 3));
        track.fliesFrom(1, flight(1, 2));
        assertEquals(THERE, at(2));
        assertEquals(HERE.towards(THERE, 0.5), at(1.5));
    }

    @Test
    void restIsWhereItLiesOrWillLie() {
        track.liesFrom(Double.NEGATIVE_INFINITY, HERE);
        assertEquals(Optional.of(HERE), track.rest(0));
        track.heldFrom(1, "7");
        assertTrue(track.rest(1.5).isEmpty());
        track.fliesFrom(2, flight(2, 3));
        assertEquals(Optional.of(THERE), track.rest(2.5));
    }
}

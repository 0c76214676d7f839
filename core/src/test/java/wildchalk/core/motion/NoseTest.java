package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NoseTest {

    private static DoubleUnaryOperator snap(double by) {
        return t -> t < 3 ? 0 : by;
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.3, -1.2, 2.5, 3.1, -3.1})
    void whatSnapsIsTurnedAsFastAsABodyTurns(double by) {
        double before = at(1, snap(by));
        assertEquals(0, before, 1e-9);
        for (double t = 1; t < 5; t += 0.002) {
            double now = at(t, snap(by));
            assertTrue(
                    Math.abs(Math.IEEEremainder(now - before, 2 * Math.PI)) <= Nose.FASTEST * 0.002 + 1e-9,
                    "it snaps at " + t);
            before = now;
        }
        assertEquals(0, Math.IEEEremainder(by - before, 2 * Math.PI), 1e-9);
    }

    @Test
    void halfOfATurnIsDoneAtTheMomentItself() {
        assertEquals(0.75, at(3 - 1e-9, snap(1.5)), 0.3);
        assertEquals(0.75, at(3 + 1e-9, snap(1.5)), 0.3);
    }

    @Test
    void whatTurnsSlowlyIsFollowed() {
        for (double t = 0; t < 3; t += 0.1) {
            double at = t;
            assertEquals(2 * at, at(at, x -> 2 * x), 1e-9);
        }
    }

    private static double at(double time, DoubleUnaryOperator wanted) {
        return Nose.at(time, wanted, step -> wanted.applyAsDouble(step * Nose.STEP));
    }
}

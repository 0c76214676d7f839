package wildchalk.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class CircleTest {

    @Test
    void aCircleIsKnownAsOne() {
        Curve.Circle circle = Curve.circle(new Vec(3, -2), 1.25).asCircle().orElseThrow();
        assertEquals(0, circle.centre().distance(new Vec(3, -2)), 1e-9);
        assertEquals(1.25, circle.radius(), 1e-9);
    }

    @Test
    void nothingElseIs() {
        Curve arc = Curve.arc(Vec.ZERO, 1, 0, Math.PI);
        Curve square = Curve.closed(List.of(new Vec(0, 0), new Vec(1, 0), new Vec(1, 1), new Vec(0, 1)));
        Curve pill = new Curve.Builder()
                .arc(new Vec(1, 0), 1, -Math.PI / 2, Math.PI)
                .arc(new Vec(-1, 0), 1, Math.PI / 2, Math.PI)
                .close()
                .build();
        for (Curve other : List.of(arc, square, pill, Curve.roundedBox(4, 2, 0.5))) {
            assertTrue(other.asCircle().isEmpty(), other.toString());
        }
    }
}

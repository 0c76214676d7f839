package wildchalk.core.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.geometry.Vec;

class RulerTest {

    @Test
    void readsLengthsAnglesAndAreas() {
        Vec a = new Vec(0, 0);
        Vec b = new Vec(3, 0);
        Vec c = new Vec(3, 4);
        assertEquals(7, Ruler.length(List.of(a, b, c)), 1e-12);
        assertEquals(90, Ruler.angle(a, b, c), 1e-9);
        assertEquals(45, Ruler.angle(new Vec(1, 1), a, b), 1e-9);
        assertEquals(0, Ruler.angle(a, a, b));
        assertEquals(6, Ruler.area(List.of(a, b, c)), 1e-12);
        assertEquals(6, Ruler.area(List.of(c, b, a)), 1e-12);
    }

    @Test
    void saysThemInTheCoachsUnits() {
        Units metric = new Units(Unit.METRES, 0.8);
        assertEquals("18.0 m · 23 paces", metric.both(18));
        assertEquals("1 pace", metric.paces(0.8));
        assertEquals("2.5 paces", metric.paces(2));
        assertEquals("120 m²", metric.area(120));
        assertEquals("9.5 m²", metric.area(9.5));
        assertEquals("144 yd²", new Units(Unit.YARDS, 0.9).area(144 * 0.9144 * 0.9144));
        assertEquals(Units.LONGEST_PACE, new Units(Unit.FEET, 9).pace(), "nobody's paces are nine metres");
    }
}

package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.flow.Footpaths.Footpath;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;

/** Ways between reps are dots, near and far: a stroke would be taken for a pass or a run. */
class FootpathShapesTest {

    private static final double UNIT = 0.8;

    private static List<Box> dots(double metres) {
        Footpath path = new Footpath("p", Vec.ZERO, new Vec(metres, 0), false);
        return FootpathShapes.of(List.of(path), UNIT).stream()
                .map(s -> Extent.of(List.of(s)).orElseThrow())
                .toList();
    }

    @Test
    void nearAndFarTheyAreDotsAsFarApart() {
        for (double metres : new double[] {6, 25, 80}) {
            List<Box> dots = dots(metres);
            for (Box dot : dots) {
                assertTrue(dot.width() < UNIT && dot.height() < UNIT, metres + " m: " + dot);
            }
            for (int i = 0; i + 2 < dots.size(); i++) {
                double apart = dots.get(i).centre().distance(dots.get(i + 1).centre());
                assertTrue(apart > dots.get(i).width() * 1.2, metres + " m: they do not run into a line, " + apart);
                assertTrue(apart < UNIT, metres + " m: they are seen as one way, " + apart);
            }
        }
    }

    @Test
    void theyBowOutAndEndWhereSomebodyGoes() {
        List<Box> dots = dots(20);
        double out =
                dots.stream().mapToDouble(d -> Math.abs(d.centre().y())).max().orElseThrow();
        assertTrue(out > 2, "no straight line is a footpath: " + out);
        assertEquals(20, dots.get(dots.size() - 1).centre().x(), 1e-6);
    }
}

package wildchalk.core.stroke;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.RouteBuilder;
import wildchalk.core.geometry.Vec;

class FreehandTest {

    private static final double REACH = 1.5;

    private static TravelPath path(List<Vec> points, boolean straight) {
        return Freehand.path(points, straight, REACH, Spot.at(points.get(points.size() - 1)));
    }

    @Test
    void straightWhenAskedForHoweverItWasDrawn() {
        List<Vec> zigzag = List.of(Vec.ZERO, new Vec(3, 8), new Vec(6, -8), new Vec(12, 0));
        assertEquals(List.of(Spot.at(12, 0)), path(zigzag, true).through());
        assertFalse(path(zigzag, true).smooth());
    }

    @Test
    void startIsLeftOutBecauseAPathBeginsWhereItsPersonIs() {
        List<Vec> bend = List.of(Vec.ZERO, new Vec(5, 5), new Vec(10, 0));
        assertEquals(List.of(Spot.at(5, 5), Spot.at(10, 0)), path(bend, false).through());
    }

    @Test
    void deliberateCornerStays() {
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i <= 20; i++) {
            points.add(new Vec(i / 2.0, 0));
        }
        for (int i = 1; i <= 20; i++) {
            points.add(new Vec(10, i / 2.0));
        }
        assertTrue(path(points, false).through().contains(Spot.at(10, 0)));
    }

    @Property(tries = 300, seed = "19081")
    void cleanPathStaysNearWhatWasDrawn(
            @ForAll @Size(min = 4, max = 30) List<@DoubleRange(min = -3, max = 3) Double> steps) {
        List<Vec> points = new ArrayList<>(List.of(Vec.ZERO));
        for (int i = 0; i < steps.size(); i++) {
            points.add(new Vec(i + 1, points.get(i).y() + steps.get(i) * 0.4));
        }
        TravelPath path = path(points, false);
        RouteBuilder builder = RouteBuilder.sharp(points.get(0));
        List<Vec> through =
                path.through().stream().map(s -> ((Spot.Place) s).at()).toList();
        Route route = path.smooth()
                ? builder.smooth(through).build()
                : builder.straight(through).build();
        assertEquals(points.get(points.size() - 1), route.end());
        for (Vec p : points) {
            assertTrue(route.distanceTo(p) < REACH, p + " is " + route.distanceTo(p) + " m off");
        }
    }
}

package wildchalk.desktop.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

class ScreenMapTest {

    @Test
    void placeAndPixelAreEachOthersOpposite() {
        ScreenMap map = ScreenMap.fit(new Box(-10, -5, 40, 20), 800, 600);
        Vec p = new Vec(12.345, -3.21);
        assertEquals(0, map.toSurface(map.x(p), map.y(p)).distance(p), 0.001);
        assertEquals(20, map.scale(), 1e-12);
    }

    @Test
    void handIsTakenToAMillimetre() {
        Vec p = new ScreenMap(7.3, Vec.ZERO, 100, 100, Attack.RIGHT).toSurface(33, 71);
        assertEquals(Math.rint(p.x() * 1000), p.x() * 1000, 1e-9);
        assertEquals(Math.rint(p.y() * 1000), p.y() * 1000, 1e-9);
    }

    @ParameterizedTest
    @EnumSource(Attack.class)
    void turnedMapSendsTheAttackWhereItShouldGoAndBack(Attack attack) {
        ScreenMap map = new ScreenMap(10, new Vec(3, 4), 400, 300, attack);
        Vec p = new Vec(7.5, -2);
        assertEquals(p, map.toSurface(map.x(p), map.y(p)));
        double right = map.x(new Vec(4, 4)) - map.x(new Vec(3, 4));
        double down = map.y(new Vec(4, 4)) - map.y(new Vec(3, 4));
        assertEquals(Map.of(Attack.RIGHT, 10, Attack.LEFT, -10).getOrDefault(attack, 0), right, 1e-9);
        assertEquals(Map.of(Attack.DOWN, 10, Attack.UP, -10).getOrDefault(attack, 0), down, 1e-9);
        // Left of the attack stays left: the surface is turned, never mirrored.
        Vec left = new Vec(3, 3);
        assertEquals(
                Map.of(Attack.DOWN, 10, Attack.UP, -10).getOrDefault(attack, 0),
                map.x(left) - map.x(new Vec(3, 4)),
                1e-9);
    }

    @Test
    void wholeViewIsInThePictureAndTheRestIsSurface() {
        for (Surface surface : Surfaces.BUILT_IN.all()) {
            for (Surface.View view : surface.views()) {
                ScreenMap map = ScreenMap.fit(surface, view.box(), Attack.RIGHT, 844, 428);
                Box b = view.box();
                Box limits = surface.surroundings();
                Vec nearest = limits.clamp(new Vec(b.x(), b.y()));
                Vec farthest = limits.clamp(new Vec(b.x() + b.width(), b.y() + b.height()));
                assertTrue(map.x(nearest) >= -1 && map.y(nearest) >= -1, surface.id() + " " + view.id());
                assertTrue(map.x(farthest) <= 845 && map.y(farthest) <= 429, surface.id() + " " + view.id());
            }
        }
    }
}

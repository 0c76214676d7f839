package wildchalk.desktop.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
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
        Vec p = new ScreenMap(7.3, Vec.ZERO, 100, 100).toSurface(33, 71);
        assertEquals(Math.rint(p.x() * 1000), p.x() * 1000, 1e-9);
        assertEquals(Math.rint(p.y() * 1000), p.y() * 1000, 1e-9);
    }

    @Test
    void wholeViewIsInThePictureAndTheRestIsSurface() {
        for (Surface surface : Surfaces.all()) {
            for (Surface.View view : surface.views()) {
                ScreenMap map = ScreenMap.fit(surface, view.box(), 844, 428);
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

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.Wall;

class WallsTest {

    private final Walls gym = new Walls(Surfaces.BUILT_IN.get("open-gym"));

    /** The gym is 28 by 15 m: its walls are at x = ±14 and y = ±7.5. */
    @ParameterizedTest
    @CsvSource({"LEFT, 3, -18", "RIGHT, 3, 12", "END, 25, 3", "OWN_END, -31, 3"})
    void mirrorImageIsAsFarBehindTheWall(Wall wall, double x, double y) {
        assertEquals(new Vec(x, y), gym.mirrored(new Vec(3, 3), wall));
    }

    @ParameterizedTest
    @CsvSource({"LEFT, 0, -7.5", "RIGHT, 0, 7.5", "END, 14, 0", "OWN_END, -14, 0"})
    void halfWayBetweenTwoWhoAreAsFarOffItMeetsTheWall(Wall wall, double x, double y) {
        boolean side = wall == Wall.LEFT || wall == Wall.RIGHT;
        Vec from = side ? new Vec(-4, 0) : new Vec(0, -4);
        assertEquals(0, gym.meets(from, from.times(-1), wall).orElseThrow().distance(new Vec(x, y)), 1e-9);
    }

    @Property(tries = 300, seed = "19081")
    void inAndOutAreAsSteepAndTheWayIsAsLongAsToTheImage(
            @ForAll @DoubleRange(min = -13, max = 13) double x,
            @ForAll @DoubleRange(min = -7, max = 7) double y,
            @ForAll @DoubleRange(min = -13, max = 13) double u,
            @ForAll @DoubleRange(min = -7, max = 7) double v) {
        Vec from = new Vec(x, y);
        Vec to = new Vec(u, v);
        List<Vec> way = gym.way(from, to, Optional.of(Wall.RIGHT));
        assertEquals(3, way.size());
        assertEquals(from.distance(gym.mirrored(to, Wall.RIGHT)), Ruler.length(way), 1e-9);
        Vec in = way.get(1).minus(from).unit();
        Vec out = to.minus(way.get(1)).unit();
        assertEquals(0, new Vec(in.x(), -in.y()).distance(out), 1e-9);
    }

    @Test
    void behindTheWallOrInTheCornerItGoesStraight() {
        Vec outside = new Vec(0, 9);
        assertEquals(List.of(Vec.ZERO, outside), gym.way(Vec.ZERO, outside, Optional.of(Wall.RIGHT)));
        Walls rink = new Walls(Surfaces.BUILT_IN.get("ice-rink-na"));
        assertEquals(Optional.empty(), rink.meets(new Vec(28, 0), new Vec(29, 2), Wall.LEFT));
    }
}

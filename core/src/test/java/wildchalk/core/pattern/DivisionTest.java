package wildchalk.core.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;

/** Parts of a field lie in it and not on each other. */
class DivisionTest {

    @Property(tries = 300, seed = "19081")
    void partsLieInTheFieldAndApart(
            @ForAll Division division,
            @ForAll @IntRange(min = 1, max = 12) int count,
            @ForAll @DoubleRange(min = 8, max = 120) double wide,
            @ForAll @DoubleRange(min = 8, max = 80) double tall) {
        Box field = new Box(-wide / 2, 3, wide, tall);
        List<Division.Plot> plots = division.plots(field, count);
        assertEquals(division.isCounted() ? count : division.usual(), plots.size());
        for (Division.Plot plot : plots) {
            for (Vec corner : plot.outline().at(plot.at())) {
                assertTrue(field.grown(0.02).contains(corner), plot + " reaches " + corner);
                assertTrue(
                        plots.stream().noneMatch(o -> o != plot && o.outline().contains(o.at(), corner)),
                        plots.toString());
            }
        }
    }

    @Test
    void lanesRunFromEndToEnd() {
        List<Division.Plot> lanes = Division.LANES.plots(new Box(-20, -10, 40, 20), 4);
        assertTrue(lanes.stream().allMatch(l -> l.at().x() == 0));
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Travel;
import wildchalk.core.timeline.Timeline;

/** Forward, a pivot on the move, and backward: to the side that was chosen, at the speed at which a body turns. */
class PivotTest {

    @ParameterizedTest
    @EnumSource(
            value = Going.Pivot.class,
            names = {"LEFT", "RIGHT"})
    void bodyTurnsToTheChosenSideAsItRuns(Going.Pivot pivot) {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 12, 0)
                .travel(new Travel.Run(
                        "a2",
                        "7",
                        Stages.path(false, 22, 0),
                        Going.of(Gait.BACK).pivoting(pivot),
                        Ending.GO_ON,
                        Cue.next()))
                .rehearse();
        assertEquals(List.of(), t.problems());
        double turn = t.times("a2").orElseThrow().start();
        double least = Double.POSITIVE_INFINITY;
        double sum = 0;
        for (double x = turn - 1; x < turn + 1.5; x += 0.02) {
            double by = Math.IEEEremainder(
                    t.pose("7", x + 0.02).facing() - t.pose("7", x).facing(), 2 * Math.PI);
            assertTrue(Math.abs(by) / 0.02 < 9.3, "no faster than a body turns: " + by / 0.02);
            sum += by;
            least = Math.min(least, t.at("7", x).distance(t.at("7", x + 0.02)) / 0.02);
        }
        // Clockwise on the page, to the right, is more.
        assertEquals(pivot == Going.Pivot.RIGHT ? Math.PI : -Math.PI, sum, 0.05);
        assertTrue(least > 3, "and does not stop for it: " + least + " m/s");
    }
}
